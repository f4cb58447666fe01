<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\FormInput;
use Illuminate\Foundation\Http\FormRequest;
use LogicException;
use Underpin\Form\Form;
use Underpin\Form\Values;

/** What a page sends, read by the core's own form before the controller is asked. */
abstract class CoreRequest extends FormRequest
{
    private ?Values $values = null;

    abstract public function form(): Form;

    public function values(): Values
    {
        return $this->values ?? throw new LogicException('The request has not been read.');
    }

    /** @return array<string, mixed> what the page showed of each field when it was opened */
    public function was(): array
    {
        return FormInput::was($this);
    }

    /** @return array<string, mixed> none: the core's form says what is taken */
    public function rules(): array
    {
        return [];
    }

    /** @throws \Illuminate\Validation\ValidationException with every fault by its field */
    protected function prepareForValidation(): void
    {
        // Laravel gives this request a copy of the attributes; who speaks of a field later asks the first one.
        FormInput::remember(request(), $this->form());
        $this->values = FormInput::read($this, $this->form());
    }
}
