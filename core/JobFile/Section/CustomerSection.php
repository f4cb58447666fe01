<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\JobFile\Customer;

/** For whom and where. */
final class CustomerSection
{
    public static function form(): Form
    {
        return new Form(
            Field::text('name', 'customer')->atMost(100),
            Field::text('address', 'where the work is done')->atMost(200),
            Field::text('phone', 'telephone')->atMost(40),
            Field::text('email', 'mail address')->atMost(200),
        );
    }

    /** @return array<string, string> */
    public static function write(Customer $customer): array
    {
        return ['name' => $customer->name, 'address' => $customer->address, 'phone' => $customer->phone, 'email' => $customer->email];
    }

    public static function read(?Values $in): Customer
    {
        return $in === null ? new Customer : new Customer($in->text('name'), $in->text('address'), $in->text('phone'), $in->text('email'));
    }
}
