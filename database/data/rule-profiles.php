<?php

declare(strict_types=1);

/* Three invented authorities. Fields as a job file's local_rules. */
return [
    'tarn-county' => [
        'authority' => 'Tarn County building office', 'edition' => 'NEC 2023', 'splices_in_panel' => true, 'permit' => true,
        'inspection' => true, 'portable_ft' => 20,
        'who' => 'Licensed electrician; the owner in an own single-family house',
        'notes' => 'Inspections on Tuesdays and Fridays; call by noon the day before.',
        'source' => 'Counter of the building office', 'dated' => '2026-02-17',
    ],
    'port-merrin' => [
        'authority' => 'Port Merrin inspections', 'edition' => 'NEC 2020', 'splices_in_panel' => false, 'permit' => true,
        'inspection' => true, 'portable_ft' => 25,
        'who' => 'Licensed electrician only',
        'calculations' => [['method' => 'standard'], ['method' => 'optional'], ['method' => 'existing']],
        'notes' => 'No splices in panels: longer cable or a junction box. Row houses: the inlet faces the lane.',
        'source' => 'Town amendments, chapter 9', 'dated' => '2025-11-04',
    ],
    'north-district' => [
        'authority' => 'State electrical inspector, north district', 'edition' => 'NEC 2023', 'splices_in_panel' => true, 'permit' => true,
        'inspection' => true, 'portable_ft' => 30,
        'who' => 'Licensed electrician; gas by a licensed plumber',
        'calculations' => [['method' => 'standard'], ['method' => 'optional'], ['method' => 'measured']],
        'notes' => 'Service above the snow line. Two weeks ahead for the utility disconnect.', 'source' => 'Letter of the inspector',
        'dated' => '2026-05-28',
    ],
];
