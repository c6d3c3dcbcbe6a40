<?php

return [
    'short-line-neutral' => ':spot: hot and neutral are connected together. :trips',
    'short-line-earth' => ':spot: hot and ground are connected together. :trips',
    'neutral-earth-contact' => ':spot: neutral and ground are connected downstream of the supply. Load current returns on the grounds, and a GFCI trips.',
    'polarity-switching' => ':spot: each end switch puts its side of the lamp on either hot or neutral. Not allowed: the lampholder can be live with the lamp off.',
    'shell-live' => 'The screw shell of :lamp is hot. You can touch it when changing the lamp: the hot goes on the center contact.',
    'earth-as-live' => ':spot: a ground is used as :as. A ground is for fault current only.',
    'earth-missing' => [
        'open' => ':spot: not grounded.',
        'on-current' => ':spot: grounded through a conductor that carries current, not through a ground.',
    ],
    'four-way-pair-split' => ':spot: the two conductors to one switch are on different pairs of the four-way. Keep each pair together.',
    'open-neutral' => ':spot: :lamp has a hot but no neutral.',
    'always-lit' => [
        'on-line' => ':spot: :lamp never goes off. It is on the hot, not on the switch leg.',
    ],
    'line-unmarked' => [
        'plain' => ':spot: used as :as but not re-identified. Tape it at each end.',
        'return' => ':spot: the white brings the :role back from the switch. Swap it with the black at both ends, so that the re-identified white takes the hot out and the black brings the :role back.',
    ],
    'false-mark' => ':spot: taped as :mark, but used as :role.',
    'neutral-colour' => ':spot: the neutral is neither white nor gray.',
    'return-on-white' => 'The switch leg comes back on a re-identified white: :at. :section does not allow the white as the return from a switch; many inspectors pass it all the same. Send the hot out on the white and bring it back on the black or red.',
    'neutral-absent-at-switch' => [
        'one-location' => 'No neutral at :at: this edition requires one in at least one switch box for the light, in a bathroom, hallway, stairway or :rooms. This assumes the whole floor can be seen from that switch. :spared',
        'alone' => ':spot: no neutral in the box of the light’s only switch. This edition requires none where several switches control one light and can all see the whole floor, or in a room that is not habitable. :spared',
        'every-box' => ':spot: no neutral in the box. :spared',
    ],
    'separate-return' => 'The currents in :cable do not cancel: some of the current returns another way (:at). Keep the hot and its return in one cable.',
    'box-overfilled' => ':box is overfilled: needs :used in³, has :has.',
    'crowded-terminal' => ':spot: :count conductors under a screw made for :room. Splice them and run one pigtail to the screw.',
    'earth-unsleeved' => '{1} :box: one bare ground is not marked: :at.|[2,*] :box: :count bare grounds are not marked: :at.',
    'scheme-not-accepted-everywhere' => 'The commons are tied together, and hot and switch leg go to both switches (:at). It works, but many North American inspectors refuse it, because a traveler screw then has the hot.',
    'rocker-inverted' => ':device is on when it is up.',
    'rcd-absent' => ':spot: no GFCI.',
    'breaker-too-large' => 'A :breaker A breaker protects :awg AWG conductors here; the largest allowed is :most A.',
    'flex-reversed' => ':spot: the pendant of :lamp is reversed.',
    'not-always-on' => [
        'onward' => ':spot: the cable on to :enclosure needs hot on its black and neutral on its white in every switch position.',
    ],
    'rose-polarity' => [
        'exchanged' => ':spot: neutral and hot are swapped in the rose.',
        'line-in-neutral' => ':spot: the neutral block of the rose has a hot in it.',
        'neutral-in-line' => ':spot: a hot block of the rose has a neutral in it.',
    ],
    'rose-blocks-exchanged' => [
        'both' => ':spot: hot and switch leg are swapped in the rose.',
        'loop' => ':spot: the switch leg is in the loop block.',
        'switched' => ':spot: the hot is in the switched block.',
    ],
    'outlet-reversed' => ':device: hot and neutral are reversed (:at). Whatever you plug in works, but can be live when switched off. Hot on the brass screw, neutral on the silver.',
    'white-single-as-line' => 'A white or gray single is used as the :role: :at. Tape does not help: 200.7(C) only allows re-identifying a conductor in a cable. Pull a black or red one.',
    'spared-reachable' => 'This edition does not require it where the box can be reached later without opening finished walls.',
    'leads-reversed' => 'The leads of :lamp are reversed: the white lead is on the hot (:at). It still lights, but its shell may be live when you open it. The white lead goes on the neutral.',
    'house-layout' => 'Red and black are swapped left to right compared with the other boxes (:at). Not wrong, but keep one layout.',
    'common-on-traveller' => [
        'exchanged' => ':spot: common and a traveler are swapped.',
        'link' => ':spot: these two are swapped. The other common is tied to the wrong screw: common to common, hot and switch leg to the traveler screws.',
        'common' => ':spot: a traveler is on the common, which is for the hot or the switch leg.',
        'throw' => ':spot: the hot or switch leg is on a traveler screw. Move it to the common.',
    ],
];
