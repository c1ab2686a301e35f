<?php

declare(strict_types=1);

return [
    'missing' => 'No photo came with this. Take it again, or choose a file.',
    'too_large' => 'This photo is over 12 MB. Take it again with the camera here, or choose a smaller one.',
    'not_a_picture' => 'This file is not a photo that can be kept. Choose a JPEG, PNG or WebP.',
    'cut_off' => 'This photo was cut off on its way. Take it again, or choose the file again.',
    'too_many_pixels' => 'This photo has over 24 million pixels. Choose a smaller one.',
];
