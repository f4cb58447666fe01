<?php

declare(strict_types=1);

/* What the fields of the account and of the door are called on the screen; the words around them are the framework's. */
return [
    'attributes' => [
        'email' => 'mail address', 'password' => 'password', 'name' => 'name', 'code' => 'code', 'current_password' => 'password now',
        'shop_phone' => 'telephone of the shop', 'new_name' => 'name', 'new_email' => 'mail address', 'new_role' => 'role',
        'role' => 'role',
    ],
];
