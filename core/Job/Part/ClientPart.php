<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Client;
use Underpin\Job\Job;

/** For whom and where, and what is noted of the job. */
final class ClientPart implements JobPart
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

    public function read(Values $in, FaultList $faults): Client
    {
        $client = $in->group('customer');

        return $client === null
            ? new Client(notes: $in->text('notes'))
            : new Client(
                $client->text('name'), $client->text('address'), $client->text('phone'), $client->text('email'), $in->text('notes'),
                $client->text('utility_phone'),
            );
    }

    public function write(Job $job): array
    {
        $client = $job->client;

        return [
            'customer' => [
                'name' => $client->name, 'address' => $client->address, 'phone' => $client->phone, 'email' => $client->email,
                'utility_phone' => $client->utilityPhone,
            ],
            'notes' => $client->notes,
        ];
    }
}
