@props(['rules', 'prefix'])
@php($asks = Underpin\Job\Part\LocalRulesPart::form())
@php($yes = [1 => 'yes', 0 => 'no'])
<div class="fields">
    <x-field :of="$asks->field('authority')" :id="$prefix.'-authority'" :value="$rules->authority"/>
    <x-field :of="$asks->field('edition')" :id="$prefix.'-edition'" :value="$rules->edition"/>
    <x-field :of="$asks->field('portable_ft')" :id="$prefix.'-portable'" :value="Underpin\Csv\Number::write($rules->portableFt)"/>
</div>
<div class="fields">
    <x-pick :of="$asks->field('splices_in_panel')" :id="$prefix.'-splices'" :value="(int) $rules->splicesInPanel"/>
    <x-pick :of="$asks->field('permit')" :id="$prefix.'-permit'" :value="(int) $rules->permit"/>
    <x-pick :of="$asks->field('inspection')" :id="$prefix.'-inspection'" :value="(int) $rules->inspection"/>
    <x-pick :of="$asks->field('meter_adapter')" :id="$prefix.'-adapter'" :options="['' => 'not asked'] + $asks->field('meter_adapter')->options()" :value="$rules->meterAdapter === null ? '' : (int) $rules->meterAdapter"/>
</div>
<div class="fields">
    @foreach (['opening_ft' => $rules->openingFt, 'property_ft' => $rules->propertyFt, 'night_db' => $rules->nightDb, 'gas_meter_ft' => $rules->gasMeterFt] as $name => $value)
        <x-field :of="$asks->field($name)" :id="$prefix.'-'.$name" :value="Underpin\Csv\Number::write($value)"/>
    @endforeach
</div>
<div class="fields">
    @foreach (Underpin\Job\DemandMethod::cases() as $method)
        <x-pick :id="$prefix.'-'.$method->value" :name="'accepts_'.$method->value" :label="'Accepts '.$method->value" :options="$yes" :value="(int) $rules->accepts($method)"/>
    @endforeach
</div>
<x-field :of="$asks->field('who')" :id="$prefix.'-who'" :value="$rules->who"/>
<x-field :of="$asks->field('notes')" :id="$prefix.'-notes'" :value="$rules->notes"/>
<div class="fields">
    <x-field :of="$asks->field('source')" :id="$prefix.'-source'" :value="$rules->source"/>
    <x-field :of="$asks->field('dated')" :id="$prefix.'-dated'" type="date" :value="$rules->dated"/>
</div>
