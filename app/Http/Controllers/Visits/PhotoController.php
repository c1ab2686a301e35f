<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Requests\TakePhotoRequest;
use App\Http\Resources\TakenJson;
use App\Models\Photo;
use App\Models\Visit;
use App\Visits\PhotoSize;
use App\Visits\PhotoStore;
use App\Visits\UnusablePhoto;
use App\Visits\VisitDesk;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

final class PhotoController
{
    public function store(TakePhotoRequest $request, Visit $visit, PhotoStore $photos, VisitDesk $desk, TakenJson $json): JsonResponse
    {
        try {
            $photo = $photos->prepare($request->picturePath());
        } catch (UnusablePhoto $unusable) {
            throw ValidationException::withMessages(['picture' => [Words::of("photos.{$unusable->problem}")]]);
        }
        $taken = $desk->recordPhoto($visit, $request->mark($photo), $photo, $request->user(), $request->sentAt()?->toDateTimeImmutable());

        [$answer] = $taken->answers;

        return $json->answer($request, $taken, ['mark' => $answer->toArray()], $answer->wasTaken() ? 201 : 200);
    }

    public function show(Photo $photo, PhotoSize $size, PhotoStore $photos): Response
    {
        $picture = $photo->deleted_at === null ? $photos->read($photo->id, $size) : null;
        abort_if($picture === null, 404);

        return new Response($picture, 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Disposition' => "inline; filename=\"{$photo->id}.jpg\"",
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ]);
    }
}
