<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{{ $drawing->title }}: {{ $job->name }}</title>
<style>
@page { margin: 26pt; }
body { font-family: "DejaVu Sans", sans-serif; font-size: 10pt; color: #111; }
h1 { font-size: 15pt; margin: 0; } p { margin: 2pt 0; } .drawn { margin: 10pt 0; text-align: center; }
.foot { border-top: 1pt solid #111; padding-top: 4pt; font-size: 8pt; }
</style></head><body>
<h1>{{ $drawing->title }}</h1>
<p>{{ $job->name }}{{ $job->client->name === '' ? '' : ', '.$job->client->name }}{{ $job->client->address === '' ? '' : ', '.$job->client->address }}. Drawn {{ $drawn->format('M j, Y') }}.</p>
<div class="drawn"><img src="data:image/svg+xml;base64,{{ $svg }}" width="{{ $width }}pt" height="{{ $height }}pt" style="width: {{ $width }}pt; height: {{ $height }}pt" alt=""></div>
<p class="foot">Drawn from what was stated in this job. Open and test what is there before any work: a licensed electrician and the local authority{{ $job->authority->rules->authority === '' ? '' : ' ('.$job->authority->rules->authority.')' }} decide. It does not say that anything is dead, or safe to energize. {{ $job->authority->rules->edition }}{{ $job->authority->rules->dated ? ', local rules as of '.$job->authority->rules->dated : '' }}{{ $job->authority->rules->who ? '. Work: '.$job->authority->rules->who : '' }}.</p>
</body></html>
