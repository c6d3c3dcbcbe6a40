<?php

return [
    'default' => 'local',
    'disks' => [
        // Nothing of the storage is served.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
