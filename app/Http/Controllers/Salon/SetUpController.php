<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Requests\SetUpRequest;
use App\Salon\Countries;
use App\Salon\Done;
use App\Salon\RuleSentences;
use App\Salon\SalonIsOpen;
use App\Salon\SetUp;
use App\Salon\StaffNotKept;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\UnusableHouseRules;
use Illuminate\Validation\ValidationException;

/** The first run: an empty installation becomes somebody's salon. */
final class SetUpController
{
    /** What can be chosen, and what is proposed; nothing of anybody's. */
    public function show(): Answer
    {
        if (! SetUp::isOpen()) {
            throw SalonIsOpen::already();
        }

        return new Answer([
            'countries' => Countries::in(app()->getLocale()),
            'rules' => HouseRules::shop()->flat(),
        ]);
    }

    /** Whoever opens the salon is its owner, and signed in. */
    public function store(SetUpRequest $request, SetUp $setUp, SessionController $session): Answer
    {
        try {
            $owner = $setUp->open(
                $request->salon(),
                $request->string('owner.name')->toString(),
                $request->string('owner.password')->toString(),
                $request->array('rules'),
            );
        } catch (StaffNotKept $not) {
            throw ValidationException::withMessages(["owner.{$not->problem->field()}" => [$not->getMessage()]]);
        } catch (UnusableHouseRules $unusable) {
            throw ValidationException::withMessages(RuleSentences::of($unusable));
        }
        return $session->begin($request, $owner, Done::SetUp)->setStatusCode(201);
    }
}
