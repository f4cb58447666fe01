<div class="stage-head"><h1>What must run</h1><nav class="chips" aria-label="Schools"><a href="{{ route('jobs.stage', [$screen->row->id, 'loads']) }}" aria-current="true">List</a><a href="{{ route('jobs.demand', $screen->row->id) }}">Calculate</a></nav><x-next :screen="$screen"/></div>
@include('parts.board')
