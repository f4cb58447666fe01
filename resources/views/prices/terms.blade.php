@php($f = Underpin\Pricing\Book\Terms::form())
@php($set = $shop->terms ?? [])
@php($show = fn (string $name) => is_float($set[$name] ?? null) || is_int($set[$name] ?? null) ? Underpin\Csv\Number::write((float) $set[$name]) : ($set[$name] ?? ''))
<section class="sheet" id="terms" tabindex="-1">
    <h2>How prices are made <small>and what stands under a quote</small></h2>
    <form id="terms-form" class="sheet-form" method="post" action="{{ route('prices.terms') }}">@csrf @method('PUT')
        <x-was :values="array_replace(array_fill_keys(array_map(fn ($field) => $field->name, $f->fields()), null), $set)"/>
        <div class="fields">
            @foreach (['hour_usd', 'margin_pct', 'tax_pct'] as $name)<x-field :of="$f->field($name)" :id="'t-'.$name" :value="$show($name)"/>@endforeach
            <x-pick :of="$f->field('tax_on')" id="t-tax_on" :value="$show('tax_on') ?: 'parts'"/>
        </div>
        <div class="fields">
            @foreach (['deposit_pct', 'valid_days'] as $name)<x-field :of="$f->field($name)" :id="'t-'.$name" :value="$show($name) === '' && $name === 'valid_days' ? '30' : $show($name)"/>@endforeach
        </div>
        <div class="fields">
            @foreach (['permit_days', 'utility_days', 'gas_days', 'inspection_days'] as $name)<x-field :of="$f->field($name)" :id="'t-'.$name" :value="$show($name)"/>@endforeach
        </div>
        <div class="field"><label class="label" for="t-terms">{{ $f->field('terms')->label }}</label><textarea class="textarea" id="t-terms" name="terms" rows="4" maxlength="2000">{{ old('terms', $show('terms')) }}</textarea><p class="error" data-error="terms">@error('terms'){{ $message }}@enderror</p></div>
        <button type="submit" class="button is-primary">Save</button>
    </form>
</section>
