import type { FactFinder } from "./fact";
import { findAbility } from "./find-ability";
import { findAboutWhen } from "./find-about-when";
import { findAge } from "./find-age";
import { findAim, findFate, findObligation, findRequest, findThought, findWish } from "./find-aim";
import { findAnnounced, findAnnouncedHere, findTakenUp } from "./find-announced";
import { findAtPlace } from "./find-at-place";
import { findBackCause, findForThisReason } from "./find-back-cause";
import { findBecomeOf } from "./find-become-of";
import { findBlame } from "./find-blame";
import { findCalling } from "./find-calling";
import { findCase } from "./find-case";
import { findCause } from "./find-cause";
import { findChange } from "./find-change";
import { findCharge } from "./find-charge";
import { findCircumstance } from "./find-circumstance";
import { findColonReason } from "./find-colon-reason";
import { findAdded, findCommand, findDailyTime } from "./find-command";
import { findComparison } from "./find-comparison";
import { findCondition } from "./find-condition";
import { findConviction } from "./find-conviction";
import { findDefinition, findIdentity, findKindName, findNaming } from "./find-definition";
import { findDemand, findDuty } from "./find-duty";
import { findEach } from "./find-each";
import { findEffect, findPreventer } from "./find-effect";
import { findExtent } from "./find-extent";
import { findFeeling } from "./find-feeling";
import { findForbidden } from "./find-forbidden";
import { findForemost } from "./find-foremost";
import { findFunction } from "./find-function";
import { findHappening } from "./find-happening";
import { findKeeper } from "./find-keeper";
import { findLength } from "./find-length";
import { findList } from "./find-list";
import { findListedReasons } from "./find-listed-reasons";
import { findMakes } from "./find-makes";
import { findManner } from "./find-manner";
import { findMass } from "./find-mass";
import { findMeaning } from "./find-meaning";
import { findMeans } from "./find-means";
import { findMeanwhile } from "./find-meanwhile";
import { findMeasure } from "./find-measure";
import { findMoreThanAny } from "./find-more-than-any";
import { findMultiple, findTimesAs } from "./find-multiple";
import { findMustBe } from "./find-must-be";
import { findNamedByClause, findNamedDeed } from "./find-named-by-clause";
import { findNamedThing } from "./find-named-thing";
import { findNeededFor } from "./find-needed-for";
import { findNeeds } from "./find-needs";
import { findNotUntil } from "./find-not-until";
import { findNumberedList } from "./find-numbered-list";
import { findObject } from "./find-object";
import { findOccasion } from "./find-occasion";
import { findOnly } from "./find-only";
import { findOnlyIf, findUnless } from "./find-only-if";
import { findOnlyThen } from "./find-only-then";
import { findOrigin } from "./find-origin";
import { findOtherwise } from "./find-otherwise";
import { findPartOf } from "./find-part-of";
import { findAgent, findDoer } from "./find-participant";
import { findPatient } from "./find-patient";
import { findPlace, findWhereClause } from "./find-place";
import { findPossession } from "./find-possession";
import { findPosture } from "./find-posture";
import { findOutcome, findPredicate } from "./find-predicate";
import { findPrice, findWorth } from "./find-price";
import { findPurpose } from "./find-purpose";
import { findQuantity } from "./find-quantity";
import { findReaction } from "./find-reaction";
import { findReady } from "./find-ready";
import { findRebuttal } from "./find-rebuttal";
import { findGift, findQuality, findRelation } from "./find-relation";
import { findOldBelief, findReport } from "./find-report";
import { findResult } from "./find-result";
import { findRight, findRightHolder } from "./find-right";
import { findRuling } from "./find-ruling";
import { findSense } from "./find-sense";
import { findShare } from "./find-share";
import { findSign } from "./find-sign";
import { findHolder, findPostHolder, findSingled } from "./find-singled";
import { findSo } from "./find-so";
import { findSoon } from "./find-soon";
import { findSort } from "./find-sort";
import { findStepDetail } from "./find-step-detail";
import { findStepLength } from "./find-step-length";
import { findStepReason } from "./find-step-reason";
import { findTaking } from "./find-taking";
import { findTime } from "./find-time";
import { findTimes } from "./find-times";
import { findTold } from "./find-told";
import { findTooMuch } from "./find-too";
import { findTrade } from "./find-trade";
import { findUnknown } from "./find-unknown";
import { findWay } from "./find-way";
import { findWhich } from "./find-which";
import { findWhichCalled } from "./find-which-called";
import { findWhoever } from "./find-whoever";
import { findWhom } from "./find-whom";
import { findWordFor } from "./find-word-for";

/** What is looked for in each clause that can be asked about by itself, in this order. */
export const FINDERS: FactFinder[] = [
  findDefinition,
  findNaming,
  findIdentity,
  findKindName,
  findNamedThing,
  findSingled,
  findHolder,
  findPostHolder,
  findNamedByClause,
  findNamedDeed,
  findCause,
  findSo,
  findBackCause,
  findForThisReason,
  findExtent,
  findResult,
  findPurpose,
  findCondition,
  findOnlyIf,
  findUnless,
  findColonReason,
  findListedReasons,
  findManner,
  findQuantity,
  findShare,
  findMeasure,
  findTime,
  findDoer,
  findAgent,
  findObject,
  findPlace,
  findWhereClause,
  findPossession,
  findOccasion,
  findFeeling,
  findList,
  findNumberedList,
  findReaction,
  findFunction,
  findReport,
  findOldBelief,
  findAim,
  findRequest,
  findWish,
  findFate,
  findDuty,
  findDemand,
  findRelation,
  findBlame,
  findCharge,
  findQuality,
  findTold,
  findPredicate,
  findOutcome,
  findGift,
  findAge,
  findThought,
  findObligation,
  findAbility,
  findWhoever,
  findOrigin,
  findForbidden,
  findOtherwise,
  findComparison,
  findRight,
  findRightHolder,
  findWay,
  findUnknown,
  findAnnounced,
  findAnnouncedHere,
  findTakenUp,
  findPrice,
  findWorth,
  findOnly,
  findMultiple,
  findTimesAs,
  findPartOf,
  findSign,
  findKeeper,
  findStepReason,
  findMeaning,
  findCalling,
  findEffect,
  findPreventer,
  findConviction,
  findLength,
  findHappening,
  findNeeds,
  findNotUntil,
  findStepDetail,
  findWhom,
  findSoon,
  findMeanwhile,
  findMeans,
  findMass,
  findTimes,
  findForemost,
  findSort,
  findStepLength,
  findRebuttal,
  findTaking,
  findReady,
  findCase,
  findAboutWhen,
  findMakes,
  findPosture,
  findNeededFor,
  findEach,
  findSense,
  findCommand,
  findDailyTime,
  findChange,
  findAdded,
  findPatient,
  findMoreThanAny,
  findWhich,
  findAtPlace,
  findCircumstance,
  findBecomeOf,
  findTooMuch,
  findOnlyThen,
  findRuling,
  findWordFor,
  findTrade,
  findWhichCalled,
  findMustBe,
];
