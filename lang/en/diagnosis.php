<?php

declare(strict_types=1);

return [
    'contradiction' => ':entry says something else than an earlier one. Look again; both are kept.',
    'entry' => [
        'states' => 'Combination :place',
        'looks' => 'Look :place',
        'probes' => 'Probe :place',
        'parts' => 'Part :place',
    ],
    'fits' => '{0} Nothing usual fits what was seen.|{1} One usual mistake fits what was seen:|[2,*] :count usual mistakes fit what was seen, likeliest first:',
    'may-be-right' => 'All that was seen is right.',
    'nearest' => 'What comes closest, and what speaks against it:',
    'next' => 'Next:',
    'next-look' => 'look at :place',
    'next-probe' => 'probe :place',
    'next-part' => 'take out and try :place',
    'next-flip' => 'flip to :positions',
    'repair' => [
        'lamp' => ':place: put in a good lamp.',
        'part' => ':place: fit a good one.',
        'run' => ':place is open along its run: run a new one.',
        'tighten' => ':place: out, back under its screw, and tight.',
    ],
    'card' => [
        'blown' => ':place: put in a lamp that is burned out.',
        'good-lamp' => ':place: put in a good lamp.',
        'loosen' => ':place: back its screw off until it no longer touches, the conductor still under it.',
        'tighten' => ':place: out, back under its screw, and tight.',
    ],
    'symptom' => [
        'never' => '“The light does not come on at all.”',
        'always' => '“The light does not go off any more.”',
        'dim' => '“The light is not as bright as it was.”',
        'trips' => '“It all went dark. Something has tripped, and I have not touched it.”',
        'flickers' => '“The light flickers.”',
        'nothing' => '“It works, but the inspector was not happy with it.”',
        'sometimes' => '“Sometimes it works from here, sometimes it does not.”',
    ],
    'ask' => [
        'look' => 'Open :box. What is joined with :place?',
        'probe' => ':box: tester on :place, through every position. Is it ever live?',
        'part' => 'Take out :place and try it by itself. Is it good?',
    ],
    'kind' => [
        'look-alike-part' => 'wrong part, a look-alike',
        'core-open' => 'conductor open along its run',
        'neutral-open' => 'neutral open',
        'neutral-switched' => 'switch in the neutral',
        'lamps-in-series' => 'lights in series',
        'loose-terminal' => 'loose screw',
        'contact-dead' => 'dead contact',
        'contact-stuck' => 'switch stuck in one position',
        'breaker-tripped' => 'breaker tripped, nothing else wrong',
    ],
    'best' => [
        'box' => 'open :box',
        'flip' => 'flip :switch',
        'reset' => 'switch on again, once, and see whether it holds',
        'live' => ':box: tester on :place',
    ],
    'nothing' => 'Nothing',
    'more' => ':count more.',
];
