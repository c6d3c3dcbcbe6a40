<?php

declare(strict_types=1);

return [
    'supply' => [
        'main' => 'Main switch, double-pole', 'residual' => 'RCD', 'decoys' => ['outlets' => 'Sockets, west wall'],
    ],
    'instrument' => [
        'two-pole' => 'Two-pole voltage tester',
        'ohm' => 'Continuity tester',
        'rcd' => 'RCD tester',
        'gfci' => 'Test button',
    ],
    'about' => [
        'pen' => 'Lights near something live. Never use it to prove dead.',
        'loop' => 'Live test. Line to earth at the light: supply, line and CPC together.',
        'rcd' => 'Live test. Leaks 30 mA to earth and times the RCD.',
        'plug-in' => 'Needs a socket.',
        'gfci' => 'Needs a socket.',
    ],
    'plug' => [
        'right' => 'reads correct', 'open-ground' => 'earth open', 'open-neutral' => 'neutral open', 'open-hot' => 'nothing lit',
        'hot-neutral' => 'line and neutral reversed', 'hot-ground' => 'line and earth reversed', 'other' => 'not on its label',
    ],
    'isolation' => [
        'tag' => 'Post the caution notice',
        'line-neutral' => 'Test line to neutral',
        'line-earth' => 'Test line to earth',
        'neutral-earth' => 'Test neutral to earth',
    ],
    'why' => [
        'not-tagged' => 'No caution notice: nobody knows whose lock it is.',
        'neutral-tied' => 'A single-pole breaker or RCBO leaves the neutral tied to earth. Open the double-pole main switch for this test.',
    ],
    'sheet' => [
        'r1r2' => 'R1+R2 at each light',
        'earths' => 'CPC continuous to each point',
        'no-short' => 'Nothing line to neutral or earth',
        'polarity' => 'Polarity: line to the switched side of each light',
        'downstream' => 'Downstream live again: line to neutral where the cable goes on',
        'loop' => 'Earth fault loop, Zs',
        'residual' => 'RCD, a.c., once at its rated 30 mA',
        'residual-before-2022' => 'RCD at 30 mA; this edition requires ½, 1 and 5 times',
    ],
    'pair' => ['line-neutral' => 'line to neutral', 'line-earth' => 'line to earth', 'neutral-earth' => 'neutral to earth'],
    'left' => ['residual' => 'the RCD test'],
    'refusal' => ['no-receptacle' => 'It plugs into a socket; there is none here.'],
    'sheet-title' => 'Initial verification, one lighting circuit',
    'room' => [
        'middle-cuts' => 'The intermediate cuts it off.',
    ],
    'caution' => 'A drill on a screen proves nothing. Lock off and test for real; BS 7671 and a competent person decide.',
    'step-caution' => [
        'isolate' => 'Light off is not isolated. Lock it off before you put a hand near.',
        'line-neutral' => 'Until it is proved dead, it is live.',
        'energise' => 'Plates on, hands clear, say it aloud: power coming on.',
    ],
];
