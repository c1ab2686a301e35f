<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Visits\KeptPhoto;
use App\Visits\PhotoStore;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Words\PhotoMoment;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A photo with its picture. What the picture is worth is found out by decoding it, not by its name. */
final class TakePhotoRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'at' => ['required', 'string', HandTime::RULE],
            'sentAt' => ['nullable', 'string', HandTime::RULE],
            'device' => ['required', 'string', 'ulid'],
            'section' => ['nullable', Rule::enum(Section::class)],
            'findingId' => ['nullable', 'ulid'],
            'moment' => ['required', Rule::enum(PhotoMoment::class)],
            'picture' => ['required', 'file', 'max:'.intdiv(PhotoStore::LARGEST_BYTES, 1024)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'picture.required' => Words::of('photos.missing'),
            'picture.file' => Words::of('photos.missing'),
            'picture.uploaded' => Words::of('photos.too_large'),
            'picture.max' => Words::of('photos.too_large'),
        ];
    }

    /** @return Mark<PhotoTaken> */
    public function mark(KeptPhoto $photo): Mark
    {
        $fields = array_filter([
            'moment' => $this->string('moment')->toString(),
            'findingId' => $this->filled('findingId') ? $this->string('findingId')->upper()->toString() : null,
            'widthPx' => $photo->widthPx,
            'heightPx' => $photo->heightPx,
        ], fn(mixed $value): bool => $value !== null);
        $at = HandTime::read($this->input('at')) ?? CarbonImmutable::now();
        $section = $this->filled('section') ? $this->string('section')->toString() : null;

        return app(MarkReader::class)->read(
            MarkKind::PhotoTaken,
            $this->string('id')->upper()->toString(),
            $section,
            $at->toDateTimeImmutable(),
            '',
            $fields,
            $this->string('device')->upper()->toString(),
        )->of(PhotoTaken::class);
    }

    /** Where the picture that was sent lies. */
    public function picturePath(): string
    {
        $file = $this->file('picture');

        return $file instanceof UploadedFile ? (string) $file->getRealPath() : '';
    }

    public function sentAt(): ?CarbonImmutable
    {
        return HandTime::read($this->input('sentAt'));
    }
}
