<div class="stage-head"><h1>What must run</h1><x-next :screen="$screen"/></div>
<x-schools :screen="$screen" at="list"/>
@part('parts.board')
