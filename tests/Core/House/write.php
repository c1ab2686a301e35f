<?php

declare(strict_types=1);

require __DIR__.'/../../../vendor/autoload.php';

file_put_contents(Tests\Core\House\RulePage::PATH, Tests\Core\House\RulePage::text());
