<?php

declare(strict_types=1);

return [
    // Where pictures lie, and files that wait to be read in: a folder here, or any disk that Laravel knows and all servers reach.
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => ['local' => ['driver' => 'local', 'root' => env('PHOTOS_FOLDER', storage_path('app/private')), 'serve' => false, 'throw' => true]],
];
