<div class="stage-head"><h1>What must run</h1></div>
@include('parts.board')
