<?php

declare(strict_types=1);

namespace App\Bench;

/** Panel schedules as people write them, with bytes changed, lost and put in: the same for the same seed. */
final class SpoiledSheets
{
    private const GOOD = [
        "Ckt,Description,Bkr,Bkr,Description,Ckt\n1,Kitchen,20/1,2P-30,Dryer,2\n3,\"Bath, up\",15 AFCI,,Dryer,4\n5,Range,50/2,20,Hall,6\n",
        "Panel schedule LP-1\n\nNo.;Serves;Trip;Watts\n1;Fridge;20;1,5\n3;SPACE;;\n5-7;Well;2P-30;1.100,5\n12A/12B;Hall / Porch;15/20;\n",
        "space\tamps\tload\trun_w\tstart_w\tpf\n5\t20\tPump\t1100\t4400\t0.85\n9-Nov\t30\tWell\t1,920\t\t\n",
        "1,20,Kitchen\n2,30,Dryer\n3,15,Bath\n4,,SPARE\n",
        "sep=|\nCircuit|Name|Poles|Breaker|Role\n1|\"A \"\"b\"\"\nc\"|1|20A|must\n42|Shed|2|40|off\n",
        "panel,ckt #,load served,ocpd\nMain,1,Küche,20\nKUCHE,1,Oven,50\nMain,1,Again,15\n",
    ];

    private const PUT_IN = [
        '"', ',', "\n", ';', "\t", '/', '-', '12a', 'é', "\u{FEFF}", "\0", '=1+1', '<script>', '9-Nov', '1e9', "\xFF", '84', '"""',
    ];

    public static function of(int $seed): string
    {
        mt_srand($seed);
        $bytes = self::GOOD[$seed % count(self::GOOD)];
        for ($i = 0; $i < 1 + $seed % 12; $i++) {
            $at = mt_rand(0, max(0, strlen($bytes) - 1));
            $bytes = match (mt_rand(0, 4)) {
                0 => substr_replace($bytes, chr(mt_rand(1, 255)), $at, 1),
                1 => substr_replace($bytes, '', $at, mt_rand(1, 4)),
                2, 3 => substr_replace($bytes, self::PUT_IN[mt_rand(0, count(self::PUT_IN) - 1)], $at, 0),
                default => mt_rand(0, 3) === 0 ? substr($bytes, 0, max(1, $at)) : $bytes.substr($bytes, $at),
            };
        }

        return match ($seed % 10) {
            8 => "\xFF\xFE".mb_convert_encoding(mb_scrub($bytes), 'UTF-16LE', 'UTF-8'),
            9 => mb_convert_encoding(mb_scrub($bytes), 'Windows-1252', 'UTF-8'),
            default => $bytes,
        };
    }
}
