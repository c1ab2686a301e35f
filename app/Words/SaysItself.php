<?php

declare(strict_types=1);

namespace App\Words;

/** A failure whose message is a sentence for whoever is at the screen. */
interface SaysItself {}
