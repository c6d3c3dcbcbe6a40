<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

/** What is wrong with the way somebody tested. */
enum Reason: string
{
    /** That breaker feeds something else. */
    case WrongBreaker = 'wrong-breaker';
    /** Switched off before anybody had said which breaker it is. */
    case NotIdentified = 'not-identified';
    case NotIsolated = 'not-isolated';
    case NotLocked = 'not-locked';
    case NotTagged = 'not-tagged';
    /** The tester was not tried on something live just before. */
    case NotProvedBefore = 'not-proved-before';
    /** Tried afterwards it showed nothing: what it said before means nothing. */
    case TesterDead = 'tester-dead';
    /** It showed voltage. */
    case StillLive = 'still-live';
    case NotAllThree = 'not-all-three';
    /** A meter put on before the board was proved dead. */
    case TestedTooEarly = 'tested-too-early';
    /** Ohms measured where there was voltage. */
    case OhmsOnLive = 'ohms-on-live';
    case InsulationOnLive = 'insulation-on-live';
    /** A pen is no proof: it sees no earthed, screened or direct voltage, and floating conductors light it. */
    case PenIsNoProof = 'pen-is-no-proof';
    case LampWasIn = 'lamp-was-in';
    /** A breaker leaves the neutral tied to earth at the supply: the main switch has to be off too. */
    case NeutralTied = 'neutral-tied';
    /** Switched on before the dead tests were done. */
    case EnergisedTooEarly = 'energised-too-early';
    /** Switched on again onto what had tripped it. */
    case ResetOntoFault = 'reset-onto-fault';
    /** Wired with the supply on. */
    case WiredLive = 'wired-live';
    /** The lead that joins line and earth was still on as the supply came on. */
    case LinkLeftOn = 'link-left-on';
}
