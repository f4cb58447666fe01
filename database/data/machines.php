<?php

declare(strict_types=1);

/*
 * The demo shop's catalogue. Every name, figure and price is invented.
 * key, name, form, volts, outlet, outlet amps, neutral, gfci, price, then fuel => [running W, peak W]
 */
return [
    ['finch-22', 'Fernwick Finch 22', 'portable', 120, '5-20R', 20, 'floating', false, 740, ['gasoline' => [1800, 2250]]],
    [
        'finch-22-pair', 'Fernwick Finch 22, pair with tie cord', 'parallel', 120, 'TT-30R', 30, 'floating', false, 1560,
        ['gasoline' => [3400, 4300]],
    ],
    [
        'finch-34', 'Fernwick Finch 34', 'portable', 120, 'L5-30R', 30, 'floating', false, 1290,
        ['gasoline' => [3000, 3500], 'propane' => [2700, 3150]],
    ],
    ['otter-45', 'Dunmarrow Otter 45', 'portable', 240, 'L14-20R', 20, 'bonded', true, 890, ['gasoline' => [4200, 5300]]],
    [
        'otter-60', 'Dunmarrow Otter 60', 'portable', 240, 'L14-30R', 30, 'bonded', true, 1180,
        ['gasoline' => [5800, 7200], 'propane' => [5200, 6500]],
    ],
    [
        'heron-65', 'Fernwick Heron 65', 'portable', 240, 'L14-30R', 30, 'floating', false, 2480,
        ['gasoline' => [6100, 7400], 'propane' => [5500, 6700]],
    ],
    [
        'heron-65-pair', 'Fernwick Heron 65, pair with tie cord', 'parallel', 240, '14-50R', 50, 'floating', false, 5150,
        ['gasoline' => [11600, 14100]],
    ],
    [
        'otter-80', 'Dunmarrow Otter 80', 'portable', 240, 'L14-30R', 30, 'bonded', true, 1640,
        ['gasoline' => [7900, 9900], 'propane' => [7100, 8900]],
    ],
    [
        'badger-95', 'Tollgarth Badger 95', 'portable', 240, '14-50R', 50, 'floating', false, 2390,
        ['gasoline' => [9400, 12000], 'propane' => [8500, 10800], 'natural gas' => [7600, 9600]],
    ],
    [
        'badger-120', 'Tollgarth Badger 120', 'portable', 240, '14-50R', 50, 'floating', false, 3120,
        ['gasoline' => [11800, 15200], 'propane' => [10700, 13700], 'natural gas' => [9600, 12200]],
    ],
    [
        'stonecrop-10', 'Ambleward Stonecrop 10', 'standby', 240, 'terminals', 45, 'floating', false, 3680,
        ['propane' => [9800, 12400], 'natural gas' => [8700, 11000]],
    ],
    [
        'stonecrop-14', 'Ambleward Stonecrop 14', 'standby', 240, 'terminals', 60, 'floating', false, 4450,
        ['propane' => [13800, 17300], 'natural gas' => [12400, 15600]],
    ],
    [
        'stonecrop-19', 'Ambleward Stonecrop 19', 'standby', 240, 'terminals', 80, 'floating', false, 5390,
        ['propane' => [18900, 23700], 'natural gas' => [16900, 21200]],
    ],
    [
        'stonecrop-26', 'Ambleward Stonecrop 26', 'standby', 240, 'terminals', 110, 'floating', false, 6720,
        ['propane' => [25600, 32000], 'natural gas' => [22400, 28000]],
    ],
    [
        'larch-36', 'Corrievale Larch 36', 'standby', 240, 'terminals', 150, 'floating', false, 13900,
        ['propane' => [35500, 45500], 'natural gas' => [34000, 43500]],
    ],
    [
        'larch-48', 'Corrievale Larch 48', 'standby', 240, 'terminals', 200, 'floating', false, 17800,
        ['propane' => [48000, 61000], 'natural gas' => [45500, 58000]],
    ],
];
