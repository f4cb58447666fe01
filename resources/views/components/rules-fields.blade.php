@props(['rules', 'prefix'])
@php($yes = [1 => 'yes', 0 => 'no'])
<div class="fields">
    <x-field :id="$prefix.'-authority'" name="authority" label="Authority" :value="$rules->authority" maxlength="100"/>
    <x-field :id="$prefix.'-edition'" name="edition" label="Code edition" :value="$rules->edition" maxlength="40"/>
    <x-field :id="$prefix.'-portable'" name="portable_ft" label="Portable from the house" unit="ft" :value="Underpin\Csv\Number::write($rules->portableFt)"/>
</div>
<div class="fields">
    <x-pick :id="$prefix.'-splices'" name="splices_in_panel" label="Splices in a panel" :options="[1 => 'allowed', 0 => 'not allowed']" :value="(int) $rules->splicesInPanel"/>
    <x-pick :id="$prefix.'-permit'" name="permit" label="Permit" :options="[1 => 'needed', 0 => 'not needed']" :value="(int) $rules->permit"/>
    <x-pick :id="$prefix.'-inspection'" name="inspection" label="Inspection" :options="[1 => 'needed', 0 => 'not needed']" :value="(int) $rules->inspection"/>
</div>
<div class="fields">
    @foreach (Underpin\Job\DemandMethod::cases() as $method)
        <x-pick :id="$prefix.'-'.$method->value" :name="'accepts_'.$method->value" :label="'Accepts '.$method->value" :options="$yes" :value="(int) $rules->accepts($method)"/>
    @endforeach
</div>
<x-field :id="$prefix.'-who'" name="who" label="Who may do the work" :value="$rules->who" maxlength="200"/>
<x-field :id="$prefix.'-notes'" name="notes" label="Notes" :value="$rules->notes" maxlength="2000"/>
<div class="fields">
    <x-field :id="$prefix.'-source'" name="source" label="Source" :value="$rules->source" maxlength="200"/>
    <x-field :id="$prefix.'-dated'" name="dated" label="As of" type="date" :value="$rules->dated"/>
</div>
