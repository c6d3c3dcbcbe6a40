<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

/** Whether an electronic switch that needs a neutral could go into a switch box. */
enum NeutralAnswer: string
{
    /** A neutral comes to the box already. */
    case There = 'there';
    /** The cables can bring one: by another plan. */
    case OtherPlan = 'other-plan';
    /** Another cable could bring one. */
    case OtherCable = 'other-cable';
    /** None of the changes that were tried brings one. */
    case NoneFound = 'none-found';
}
