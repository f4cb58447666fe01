<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Customer;
use Underpin\Job\Job;

/** For whom and where, and what is noted of the job. */
final class CustomerPart implements JobPart
{
    public static function form(): Form
    {
        return new Form(
            Field::text('name', 'customer')->label('Customer')->atMost(100),
            Field::text('address', 'where the work is done')->label('Address')->atMost(200),
            Field::text('phone', 'telephone')->label('Telephone')->atMost(40),
            Field::text('email', 'mail address')->label('Mail')->atMost(200),
            Field::text('utility_phone', 'where the utility takes outages')->label('Utility\'s outage number')->atMost(40),
        );
    }

    public static function notes(): Field
    {
        return Field::text('notes', 'free notes')->label('Notes')->atMost(5000);
    }

    public function fields(): array
    {
        return [Field::group('customer', 'for whom and where', self::form())->label('Customer')->optional('empty'), self::notes()];
    }

    public function read(Values $in, FaultList $faults): Customer
    {
        $customer = $in->group('customer');

        return $customer === null
            ? new Customer(notes: $in->text('notes'))
            : new Customer(
                $customer->text('name'), $customer->text('address'), $customer->text('phone'), $customer->text('email'), $in->text('notes'),
                $customer->text('utility_phone'),
            );
    }

    public function write(Job $job): array
    {
        $customer = $job->customer;

        return [
            'customer' => [
                'name' => $customer->name, 'address' => $customer->address, 'phone' => $customer->phone, 'email' => $customer->email,
                'utility_phone' => $customer->utilityPhone,
            ],
            'notes' => $customer->notes,
        ];
    }
}
