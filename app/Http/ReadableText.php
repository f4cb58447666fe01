<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Refuses bytes that are no text, where a form is not one of the core's. */
final readonly class ReadableText implements ValidationRule
{
    /** @param  string  $label  of the field, as the screen names it */
    public function __construct(private string $label)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && ! mb_check_encoding($value, 'UTF-8')) {
            $fail(FormInput::unreadable($this->label, $value));
        }
    }
}
