<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** What a client or a vet told the salon about the dog. Known facts, never a diagnosis of ours. */
enum HealthFact: string
{
    case JointPain = 'joint_pain';
    case HeartOrAirway = 'heart_or_airway';
    case SkinAllergy = 'skin_allergy';
    case RecentSurgery = 'recent_surgery';
    case ShortNosed = 'short_nosed';
    case Seizures = 'seizures';
    case Diabetes = 'diabetes';
    case FoodAllergy = 'food_allergy';
    case BloodThinner = 'blood_thinner';
    case Blind = 'blind';
    case Deaf = 'deaf';
    case PregnantOrNursing = 'pregnant_or_nursing';
}
