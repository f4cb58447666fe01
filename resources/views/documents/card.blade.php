<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>Switching card: {{ $file->name }}</title>
<style>
@page { margin: 22pt 26pt; }
body { font-family: "DejaVu Sans", sans-serif; font-size: {{ $points }}pt; line-height: 1.18; color: #111; }
h2 { font-size: {{ $points * 1.9 }}pt; margin: 0; } h3 { font-size: {{ $points * 1.12 }}pt; margin: 5pt 0 2pt; border-bottom: 1.5pt solid #111; }
.card-top p { margin: 2pt 0 5pt; } .card-draft { border: 2pt solid #9E2F21; padding: 4pt 6pt; margin-bottom: 5pt; }
.card-cautions { margin: 0 0 4pt; padding: 4pt 6pt 4pt 18pt; border: 1.5pt solid #111; } ol, ul { margin: 0; padding-left: 15pt; } li { margin-bottom: 2pt; }
small { color: #333; } .card-columns { width: 100%; border-collapse: collapse; } .card-columns > tbody > tr > td { vertical-align: top; }
.card-left { width: 54%; padding-right: 10pt; } .card-list { width: 100%; border-collapse: collapse; } .card-list th { text-align: left; font-weight: normal; color: #333; }
.card-list td { border-bottom: .7pt solid #777; padding: 1.2pt 2pt; } .card-list .space { font-weight: bold; font-size: {{ $points * 1.2 }}pt; white-space: nowrap; } .card-list .n { color: #333; width: 14pt; } .card-list .wait { text-align: right; white-space: nowrap; }
.card-off, .card-room { margin: 0; } .card-top .card-numbers { margin: 0 0 4pt; } .mark-order { border: 1.2pt solid #2F6B3A; color: #2F6B3A; padding: 0 2pt; border-radius: 5pt; } .mark-room { border: 1.2pt dashed #8A5A00; color: #8A5A00; padding: 0 2pt; } .mark-off { border: 1.2pt solid #9E2F21; color: #9E2F21; padding: 0 2pt; } .card-list th { padding: 0 2pt; } .card-foot { margin-top: 6pt; font-size: {{ max(6, $points * 0.66) }}pt; color: #333; }
</style></head><body>@include('documents.card-body')</body></html>
