@php($id = $sent->id ?? 'new')
<form class="sheet-form" id="sent-{{ $id }}" method="post" action="{{ route('jobs.sent', $screen->row->id) }}" data-parts>@csrf @method('PUT')
    <input type="hidden" name="id" value="{{ $sent?->id }}"><x-was :values="$sent === null ? [] : Underpin\Job\Part\AgreedPart::writePaper($sent)"/>
    <div class="fields">
        <x-pick :of="$f->field('paper')" :id="'sent-paper-'.$id" :options="collect($known->all())->mapWithKeys(fn ($p) => [$p->key() => $p->title()])->all() + ['other' => 'Another paper']" :value="$sent?->paper"/>
        <x-field :of="$f->field('to')" :id="'sent-to-'.$id" :value="$sent?->to"/>
        <x-field :of="$f->field('on')" :id="'sent-on-'.$id" type="date" :value="$sent->on ?? $today"/>
    </div>
    <div class="fields">
        <x-field :of="$f->field('back_on')" :id="'sent-back-'.$id" type="date" :value="$sent?->backOn"/>
        <x-pick :of="$f->field('granted')" :id="'sent-granted-'.$id" :value="$sent?->granted === null ? '' : (int) $sent->granted"/>
        <x-field :of="$f->field('note')" :id="'sent-note-'.$id" :value="$sent?->note"/>
    </div>
    <button type="submit" class="button">Note it</button>
</form>
