<?php

declare(strict_types=1);

/* One disk, below storage, that nothing but the app's own routes gives out. */
// Tests have their own: they may run as another user than the servers beside them.
$folder = storage_path((string) env('PRIVATE_FOLDER', 'app/private'));

return [
    'default' => 'local',
    'disks' => ['local' => ['driver' => 'local', 'root' => $folder, 'serve' => false, 'throw' => false]],
];
