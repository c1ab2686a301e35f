<?php

declare(strict_types=1);

return [
    'wrong' => 'This name and password do not go together. Check both and try again.',
];
