export {
  HazardId,
  HazardKind,
  MeantRaw,
  hazardIds,
  hazards,
  hazardOf,
  isEndedBy,
  meantWords,
  membersOf,
  bearingOf,
  type Hazard,
  type Bearing,
} from './hazards.ts';
export { diets, DietId, dietOf, type Diet } from './diets.ts';
export {
  FoodId,
  FoodKind,
  Storage,
  foods,
  foodOf,
  madeFrom,
  familiesOf,
  type Food,
  type PossibleHazard,
} from './foods.ts';
export { kitKindOf, type KitKindFacts } from './kitKinds.ts';
export {
  fleshOrigins,
  Keeping,
  leavens,
  rices,
  spoilingOf,
  unknownKeeping,
  wetAisle,
  type Spoiling,
} from './keeping.ts';
export { FamilyId, families, familyOf, type Family } from './families.ts';
export {
  substitutions,
  substitutionOf,
  substitutionsFor,
  sameJob,
  Role,
  roleNames,
  Setting,
  settingNames,
  type Substitution,
} from './substitutions.ts';
export { jobGroupsOf, jobRulesOf, settingRulesFor, speaksOf, type Asking, type JobRules } from './jobs.ts';
export { Material, materials, cleaningOf, handWashOnly, type Cleaning } from './cleaning.ts';
export { regions, unnamedIn, type Region } from './regions.ts';
export { makerQuestions, MakerQuestionId, type MakerQuestion } from './makerQuestions.ts';
export { lookFor } from './lookFor.ts';
export { bentTimeFactor, coatingWords, coolWords, cutUpWords, piecewiseWords, rules } from './rules.ts';
export { forms, plainNames, type Form } from './forms.ts';
export { wordEntries, claimEntries, plainWords, type WordEntry, type ClaimEntry } from './words.ts';
export { units, type Unit } from './units.ts';
export { pieceWeightG, piecedFoods } from './pieces.ts';
export { qualityWaits, type QualityWait } from './qualityWaits.ts';
export { stepWords } from './stepWords.ts';
export { cookingThrough, heatAsked, type CookingThrough, type Heated } from './cookedThrough.ts';
export { courses, type UsualCourse } from './courses.ts';
export { verbs, type Verb, type VerbClass } from './verbs.ts';
export { cuts } from './cuts.ts';
export { scalingRules, type ScalingRule } from './scalingRules.ts';
export { usualPackageOf, packagedFoods, type UsualPackage } from './packages.ts';
export { densityDoubtOf, doubtedAisles } from './densityDoubt.ts';
export { saidWords, type NeedFrame } from './needWords.ts';
export { namesApart } from './namesApart.ts';
export { pouredNames } from './pouredNames.ts';
export { linePurposes } from './linePurposes.ts';
export { AnsweringClaim, neverIn, RegimenId, regimenOf, regimens, type Regimen, type RegimenRule } from './regimens.ts';
export { practices, type Practice } from './practices.ts';
export { openNeeds, type OpenNeedFacts } from './openNeeds.ts';
export { takeable } from './takeable.ts';
