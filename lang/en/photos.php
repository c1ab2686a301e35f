<?php

declare(strict_types=1);

return [
    'missing' => 'No picture came with this. Take it again, or choose a file.',
    'too_large' => 'This picture is over 12 MB. Take it again with the camera here, or choose a smaller one.',
    'not_a_picture' => 'This file is not a picture that can be kept. Choose a JPEG, PNG or WebP.',
    'too_many_pixels' => 'This picture has over 24 million pixels. Choose a smaller one.',
];
