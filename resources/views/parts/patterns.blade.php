<svg class="patterns" width="0" height="0" aria-hidden="true" focusable="false">
    <defs>
        <pattern id="hatch-a" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="hatch-ground" width="8" height="8"/><rect class="hatch-a" width="2.4" height="8"/></pattern>
        <pattern id="hatch-b" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="hatch-ground" width="8" height="8"/><rect class="hatch-b" width="2.4" height="8"/></pattern>
        <pattern id="fill-b" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="solid-b" width="5" height="5"/><rect class="texture-b" width="1.4" height="5"/></pattern>
        <pattern id="band-b" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect class="band-b-ground" width="7" height="7"/><rect class="band-b-line" width="1.6" height="7"/></pattern>
        <pattern id="cross" width="7" height="7" patternUnits="userSpaceOnUse"><rect class="cross-ground" width="7" height="7"/><path class="cross-line" d="M0 0 7 7M7 0 0 7"/></pattern>
    </defs>
</svg>
