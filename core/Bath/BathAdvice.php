<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\Extra;
use HoundCheck\Core\Marks\Words\BathProduct;

/** Kinds of product by what was found; what treats a skin is a vet's to order. */
final readonly class BathAdvice
{
    /** @param list<Extra> $extras wanted on arrival */
    public static function isVetOrdered(array $extras): bool
    {
        return in_array(Extra::MedicatedBath, $extras, true);
    }

    /**
     * @param list<FindingKind> $findings open on the dog
     * @param list<Extra> $extras wanted on arrival
     *
     * @return list<ProposedProduct> the first for the bath, then what comes with it
     */
    public static function of(Dog $dog, array $findings, array $extras): array
    {
        $vet = self::first($findings, [FindingKind::HotSpot, FindingKind::MitesOrLice]);
        $skin = self::first(
            $findings,
            [FindingKind::Redness, FindingKind::Scab, FindingKind::Moist, FindingKind::HairLoss, FindingKind::Bruise],
        );
        $odour = self::first($findings, [FindingKind::Odour]);
        $tender = $skin !== null || in_array(HealthFact::SkinAllergy, $dog->health, true);
        $proposed = [match (true) {
            self::isVetOrdered($extras) => new ProposedProduct(BathProduct::VetOrdered, ProductReason::AsOrdered),
            // Until a vet has said what treats it, nothing that could sting.
            $vet !== null => new ProposedProduct(BathProduct::SoapFree, ProductReason::VetFirst, $vet),
            $tender => new ProposedProduct(BathProduct::SoapFree, ProductReason::Skin, $skin),
            $odour !== null => new ProposedProduct(BathProduct::Odour, ProductReason::Odour, $odour),
            default => new ProposedProduct(BathProduct::Mild, ProductReason::Usual),
        }];
        if (! in_array($dog->coat, [CoatType::Smooth, CoatType::Wire], true)) {
            $proposed[] = new ProposedProduct(BathProduct::Conditioner, ProductReason::LongCoat);
        }

        return $proposed;
    }

    /**
     * @param list<FindingKind> $findings
     * @param list<FindingKind> $among
     */
    private static function first(array $findings, array $among): ?FindingKind
    {
        foreach ($findings as $finding) {
            if (in_array($finding, $among, true)) {
                return $finding;
            }
        }

        return null;
    }
}
