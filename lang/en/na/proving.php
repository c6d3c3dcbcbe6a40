<?php

declare(strict_types=1);

return [
    'supply' => [
        'main' => 'Cord plug', 'residual' => 'GFCI', 'decoys' => ['outlets' => 'Receptacles, west wall'],
    ],
    'instrument' => [
        'two-pole' => 'Two-probe voltage tester',
        'ohm' => 'Ohmmeter',
        'rcd' => 'GFCI tester',
        'gfci' => 'Test button of the plug-in tester',
    ],
    'about' => [
        'pen' => 'Lights near something hot. Never use it to prove dead.',
        'plug-in' => 'Three lamps. Cannot show neutral and ground reversed.',
        'gfci' => 'Leaks a few milliamps to ground. The GFCI must trip.',
        'loop' => 'Live.',
        'rcd' => 'Live.',
    ],
    'plug' => [
        'right' => 'hot to neutral and hot to ground lit: reads correct (so would neutral and ground reversed)',
        'open-ground' => 'only hot to neutral lit: ground open',
        'open-neutral' => 'only hot to ground lit: neutral open',
        'open-hot' => 'nothing lit: hot open, or no supply',
        'hot-neutral' => 'hot to neutral and neutral to ground lit: hot and neutral reversed',
        'hot-ground' => 'hot to ground and neutral to ground lit: hot and ground reversed',
        'other' => 'a pattern that is not on its label',
    ],
    'isolation' => [
        'tag' => 'Hang your tag',
        'line-neutral' => 'Test hot to neutral',
        'line-earth' => 'Test hot to ground',
        'neutral-earth' => 'Test neutral to ground',
    ],
    'why' => [
        'not-tagged' => 'No tag: nobody knows whose lock it is.',
        'neutral-tied' => 'A breaker or disconnect leaves the neutral tied to ground. Pull the plug for this test, or lift the neutral.',
    ],
    'sheet' => [
        'r1r2' => 'Hot out and ground back',
        'earths' => 'Grounds continuous to each box',
        'no-short' => 'Nothing hot to neutral or ground',
        'polarity' => 'Hot to the center contact, through the switches',
        'downstream' => 'Downstream live again: hot to neutral where the cable goes on',
        'loop' => 'Fault loop',
        'residual' => 'GFCI trips',
    ],
    'pair' => ['line-neutral' => 'hot to neutral', 'line-earth' => 'hot to ground', 'neutral-earth' => 'neutral to ground'],
    'left' => ['residual' => 'the GFCI button'],
    'refusal' => ['no-receptacle' => 'It plugs into a receptacle; there is none here.'],
    'sheet-title' => 'Inspection checklist, one lighting circuit',
    'room' => [
        'middle-cuts' => 'The four-way cuts it off.',
    ],
    'caution' => 'A drill on a screen proves nothing. Lock, tag and test for real; the authority having jurisdiction and a licensed electrician decide.',
    'step-caution' => [
        'isolate' => 'Lights out is not locked out. Lock it before you put a hand in.',
        'line-neutral' => 'Until it is proved dead, it is hot.',
        'energise' => 'Covers on, hands clear, say it aloud: power coming on.',
    ],
];
