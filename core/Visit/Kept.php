<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Kinds\PhotoDeleted;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;

/** Notes and photos. */
final readonly class Kept
{
    /**
     * @param list<Mark<NoteWritten>> $notes
     * @param array<string, Mark<PhotoTaken>> $photos by mark id, those whose picture was erased included
     * @param array<string, Mark<PhotoDeleted>> $deletedPhotos by the photo's id
     */
    public function __construct(public array $notes = [], public array $photos = [], public array $deletedPhotos = []) {}

    /** @param Mark<Payload> $mark */
    public function after(Mark $mark): self
    {
        $what = $mark->what;

        return match (true) {
            $what instanceof NoteWritten => new self([...$this->notes, $mark->of(NoteWritten::class)], $this->photos, $this->deletedPhotos),
            $what instanceof PhotoTaken => new self(
                $this->notes,
                [...$this->photos, $mark->id => $mark->of(PhotoTaken::class)],
                $this->deletedPhotos,
            ),
            $what instanceof PhotoDeleted => new self(
                $this->notes,
                $this->photos,
                [...$this->deletedPhotos, $what->photoId => $mark->of(PhotoDeleted::class)],
            ),
            default => $this,
        };
    }
}
