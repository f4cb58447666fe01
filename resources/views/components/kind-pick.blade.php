@props(['id', 'value'])
<x-pick :of="Underpin\Job\Part\LoadPart::form()->field('kind')" :id="$id" :value="$value"/>
