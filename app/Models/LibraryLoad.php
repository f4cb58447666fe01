<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A typical load with its low, usual and high figures, in watts.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $words what people write for it, parted by commas
 * @property string $kind
 * @property string $role what most households choose
 * @property int $volts
 * @property float $run_low_w
 * @property float $run_usual_w
 * @property float $run_high_w
 * @property float $start_low_w
 * @property float $start_usual_w
 * @property float $start_high_w
 * @property float $pf
 */
final class LibraryLoad extends Model
{
    protected $guarded = [];
}
