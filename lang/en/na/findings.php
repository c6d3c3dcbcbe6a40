<?php

return [
    'short-line-neutral' => ':spot: hot and neutral meet with nothing between. :trips',
    'short-line-earth' => ':spot: hot and ground meet with nothing between. :trips',
    'neutral-earth-contact' => ':spot: neutral and ground are joined beyond the supply. Load current returns by the grounds, and a GFCI trips.',
    'polarity-switching' => ':spot: the end switches choose between hot and neutral at both sides of the lamp. Forbidden: the holder can be live with the lamp off.',
    'shell-live' => 'The screw shell of :lamp is on the hot side. A hand changing the lamp can touch it: the hot belongs on the center contact.',
    'earth-as-live' => ':spot: a ground is used as :as. A ground is for fault current only.',
    'earth-missing' => [
        'open' => ':spot: no path to the ground of the supply.',
        'on-current' => ':spot: grounded by a conductor that carries current, not by a ground.',
    ],
    'four-way-pair-split' => ':spot: the two conductors to one neighbor sit on different pairs of the four-way. Keep each pair together.',
    'open-neutral' => ':spot: :lamp gets the hot but has no way back to the neutral.',
    'always-lit' => [
        'on-line' => ':spot: :lamp never goes out. It is on the hot, not on the switch leg.',
    ],
    'line-unmarked' => [
        'plain' => ':spot: used as :as but not re-identified. Tape it at each end.',
        'return' => ':spot: the white brings the :role back from the switch. Swap it with the black at both ends: the white takes the hot out, re-identified, and the black brings the :role back.',
    ],
    'false-mark' => ':spot: taped as :mark, but it is :role.',
    'neutral-colour' => ':spot: the neutral is neither white nor gray.',
    'return-on-white' => 'The switch leg comes back on a re-identified white: :at. :section does not allow the white as the return from a switch; many inspectors pass it all the same. Send the hot out on the white and bring it back on the black or red.',
    'neutral-absent-at-switch' => [
        'one-location' => 'No neutral at :at: this edition asks for one in at least one of the boxes that serve the light, in a bathroom, hallway, stairway or :rooms. This assumes the whole floor can be seen from that switch. :spared',
        'alone' => ':spot: no neutral in the box, the only switch of its light. This edition asks for none where several switches serve one light and its whole floor is in view of them, nor in a room that is not habitable. :spared',
        'every-box' => ':spot: no neutral in the box. :spared',
    ],
    'separate-return' => 'In :cable the currents out and back do not cancel: part of the current comes back another way (:at). Keep hot and return in one cable.',
    'box-overfilled' => ':box: the box has :has in³, and what is in it takes :used in³.',
    'crowded-terminal' => ':spot: :count conductors under a terminal that takes :room. Splice them and bring one pigtail to the screw.',
    'earth-unsleeved' => '{1} :box: one bare ground is joined without a mark, :at.|[2,*] :box: :count bare grounds are joined without a mark, :at.',
    'scheme-not-accepted-everywhere' => 'The commons are tied to each other, and hot and switch leg reach both switches (:at). It works; many North American inspectors refuse it, because a traveler screw then holds the hot.',
    'rocker-inverted' => ':device is on when it is up.',
    'rcd-absent' => ':spot: no GFCI.',
    'breaker-too-large' => 'A breaker of :breaker A protects :awg AWG conductors here; they may have :most A at most.',
    'flex-reversed' => ':spot: the pendant of :lamp is the wrong way round.',
    'not-always-on' => [
        'onward' => ':spot: the cable on to :enclosure needs hot on its black and neutral on its white in every switch position.',
    ],
    'rose-polarity' => [
        'exchanged' => ':spot: neutral and hot are in each other\'s blocks of the rose.',
        'line-in-neutral' => ':spot: the neutral block of the rose has a hot in it.',
        'neutral-in-line' => ':spot: there is a neutral in a hot block of the rose.',
    ],
    'rose-blocks-exchanged' => [
        'both' => ':spot: hot and switch leg are in each other\'s blocks.',
        'loop' => ':spot: the switch leg is in the loop block.',
        'switched' => ':spot: the hot is in the switched block.',
    ],
    'outlet-reversed' => ':device: hot and neutral are reversed (:at). Whatever is plugged in works, and its parts can be live when it is off: hot on the brass screw, neutral on the silver one.',
    'white-single-as-line' => 'A white or gray single carries the :role: :at. Tape does not help: 200.7(C) lets only a conductor of a cable be re-identified. Pull a black or red one.',
    'spared-reachable' => 'This edition spares a box that can be reached later without opening finished walls.',
    'leads-reversed' => 'The leads of :lamp are exchanged: the white one is on the hot side (:at). It lights all the same, and its shell or its parts may be live when it is opened: the white lead belongs on the neutral.',
    'house-layout' => 'Red and black stand on other sides here than in the other boxes (:at). It is right; the next person reads a house more easily in which every box is laid out alike.',
    'common-on-traveller' => [
        'exchanged' => ':spot: common and a traveler are exchanged.',
        'link' => ':spot: the two are exchanged. The other common is tied to the wrong screw: common goes to common, hot and switch leg to the traveler screws.',
        'common' => ':spot: the common holds a traveler. It is for the hot or the switch leg.',
        'throw' => ':spot: a traveler screw holds the hot or the switch leg. That conductor belongs on the common.',
    ],
];
