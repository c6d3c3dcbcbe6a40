<?php

declare(strict_types=1);

namespace Zwindle\Problem;

/** Every fault in a file for which it is refused. */
enum ProblemCode: string
{
    case NotJson = 'not-json';
    case TooLarge = 'too-large';
    case TooDeep = 'too-deep';
    case NotAsSchema = 'not-as-schema';
    case TwiceUsedId = 'twice-used-id';
    case UnknownEnclosure = 'unknown-enclosure';
    case UnknownDevice = 'unknown-device';
    case UnknownModel = 'unknown-model';
    case UnknownFace = 'unknown-face';
    case UnknownEdition = 'unknown-edition';
    case UnknownCableType = 'unknown-cable-type';
    case UndecidedCable = 'undecided-cable';
    case OtherPractice = 'other-practice';
    case NoSupply = 'no-supply';
    case TwoSupplies = 'two-supplies';
    case TooManySwitches = 'too-many-switches';
    case TooManyCables = 'too-many-cables';
    case CableToItself = 'cable-to-itself';
    case ColourMissing = 'colour-missing';
    case ColourOfCable = 'colour-of-cable';
    case NotConnected = 'not-connected';
    case OnwardIsNoBox = 'onward-is-no-box';
    case OnwardWithDevice = 'onward-with-device';
    case OnwardNotOneCable = 'onward-not-one-cable';
    case OnwardCable = 'onward-cable';
    case NotALamp = 'not-a-lamp';
    case NotASwitch = 'not-a-switch';
    case TwiceControlled = 'twice-controlled';
    case CannotBeAlwaysOn = 'cannot-be-always-on';
    case UnknownPoint = 'unknown-point';
    case OtherEnclosure = 'other-enclosure';
    case TwiceUsedPoint = 'twice-used-point';
    case JoinedAndCapped = 'joined-and-capped';
    case NotOneTerminal = 'not-one-terminal';
    case PortsOnTerminal = 'ports-on-terminal';
    case NotAnEnd = 'not-an-end';
    case OtherKindOfPart = 'other-kind-of-part';
    case UnknownTaskKind = 'unknown-task-kind';
    case TaskWithoutLamp = 'task-without-lamp';
    case NotARemark = 'not-a-remark';
    case UnknownPosition = 'unknown-position-on-habit';
    case PointsDoNotAddUp = 'points-do-not-add-up';
    case PassMarkTooHigh = 'pass-mark-too-high';
    case UnknownCritical = 'unknown-critical';
    case UnknownRule = 'unknown-rule';
    case TwiceUsedObservation = 'twice-used-observation';
    case MarkingDoesNotSuit = 'marking-does-not-suit';
    case NotMovable = 'not-movable';
    case AsFoundElsewhere = 'as-found-elsewhere';
    case UnknownPerson = 'unknown-person';
    case UnknownStation = 'unknown-station';
    case EndsBeforeItBegins = 'ends-before-it-begins';
    case TimeWithoutLimit = 'time-without-limit';
    case UnknownMeaning = 'unknown-meaning';
}
