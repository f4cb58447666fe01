<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Connection\Ways;
use Underpin\Form\Field;
use Underpin\Form\Form;

/** The way of connecting that is picked. */
final class ConnectionRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::choice('connection', 'the way of connecting', Ways::standard()->options())->label('Connection')->optional('none picked'),
        );
    }
}
