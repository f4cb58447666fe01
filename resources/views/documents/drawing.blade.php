<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $drawing->title }}: {{ $job->name }}</title>
<style>
@page { margin: 26pt; }
body { font-family: Archivo, "DejaVu Sans", sans-serif; font-size: 10pt; color: #111; }
h1 { font-size: 15pt; margin: 0; } p { margin: 2pt 0; } .drawn { margin: 10pt 0; text-align: center; }
.danger { border: 1.5pt solid #9E2F21; padding: 4pt; color: #9E2F21; }
.foot { border-top: 1pt solid #111; padding-top: 4pt; font-size: 8pt; }
</style></head><body>
<h1>{{ $drawing->title }}</h1>
<p>{{ $job->name }}{{ $job->customer->words() === '' ? '' : ', '.$job->customer->words() }}. Drawn {{ $drawn->format('Y-m-d') }}.</p>
@if ($dangers !== [])<p class="danger"><strong>Danger, to be mended first:</strong> {{ implode(' ', array_map(fn ($f) => $f->what, array_slice($dangers, 0, 3))) }}@if (count($dangers) > 3) And {{ count($dangers) - 3 }} more.@endif</p>@endif
<div class="drawn"><img src="data:image/svg+xml;base64,{{ $svg }}" width="{{ $width }}pt" height="{{ $height }}pt" style="width: {{ $width }}pt; height: {{ $height }}pt" alt=""></div>
<p class="foot">Drawn from what was stated in this job. Open and test what is there before any work: a licensed electrician and the local authority{{ $job->authority->rules->authority === '' ? '' : ' ('.$job->authority->rules->authority.')' }} decide. It does not say that anything is dead, or safe to energize. {{ $job->authority->rules->edition }}{{ $job->authority->rules->dated ? ', local rules as of '.$job->authority->rules->dated : '' }}{{ $job->authority->rules->who ? '. Work: '.$job->authority->rules->who : '' }}.</p>
</body></html>
