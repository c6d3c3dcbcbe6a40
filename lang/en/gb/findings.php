<?php

return [
    'short-line-neutral' => ':spot: line and neutral are connected together. :trips',
    'short-line-earth' => ':spot: line and earth are connected together. :trips',
    'neutral-earth-contact' => ':spot: neutral and earth are connected downstream of the supply. Load current returns on the CPCs, and an RCD trips.',
    'polarity-switching' => ':spot: each end switch puts its side of the lamp on either line or neutral. Not allowed: the lampholder can be live with the lamp off.',
    'shell-live' => 'The screw shell of :lamp is on the line; the line goes on the centre contact. In an E14 or E27 lampholder to BS EN 60238 the shell is guarded and this is only bad practice; in an older one you can touch it when changing the lamp.',
    'earth-as-live' => ':spot: a CPC is used as :as. A CPC is for fault current only.',
    'earth-missing' => [
        'open' => ':spot: CPC not connected.',
        'on-current' => ':spot: earthed through a conductor that carries current, not through a CPC.',
    ],
    'four-way-pair-split' => ':spot: the two conductors to one switch are on different pairs of the intermediate. Keep each pair together.',
    'open-neutral' => ':spot: :lamp has a line but no neutral.',
    'always-lit' => [
        'on-line' => ':spot: :lamp never goes off. It is on the permanent line, not the switched live.',
    ],
    'line-unmarked' => [
        'plain' => ':spot: used as :as but not sleeved. Sleeve it brown at each end.',
        'return' => ':spot: used as :as but not sleeved. Sleeve it brown at each end.',
    ],
    'false-mark' => ':spot: sleeved as :mark, but used as :role.',
    'neutral-colour' => ':spot: the neutral runs on a core that is not blue (black in the old colours). Sleeve it blue at each end.',
    'return-on-white' => ':spot: the switched live comes back on white.',
    'neutral-absent-at-switch' => [
        'one-location' => ':spot: no neutral. :spared',
        'alone' => ':spot: no neutral. :spared',
        'every-box' => ':spot: no neutral in the box, and this board requires one. :spared',
    ],
    'separate-return' => 'The currents in :cable do not cancel: some of the current returns another way (:at). Keep line and neutral in one cable.',
    'box-overfilled' => ':box is too small for what is in it.',
    'crowded-terminal' => ':spot: :count conductors in a terminal made for :room. Join them in a connector and take one to the terminal.',
    'earth-unsleeved' => '{1} :box: one bare CPC has no green-and-yellow sleeve: :at.|[2,*] :box: :count bare CPCs have no green-and-yellow sleeve: :at.',
    'scheme-not-accepted-everywhere' => ':spot: the commons are linked.',
    'rocker-inverted' => ':device is wired on COM and L2 (:at), so it is on when the rocker is up. On COM and L1 it is on when pressed at the bottom, as people expect.',
    'rcd-absent' => ':spot: no RCD. New and altered lighting circuits in dwellings need a 30 mA RCD.',
    'breaker-too-large' => 'The :breaker A breaker is too large here.',
    'flex-reversed' => 'The flex of :lamp is reversed: its blue is on the switched live (:at). It lights, but the next person trusts the colours.',
    'not-always-on' => [
        'onward' => ':spot: the cable on to :enclosure needs the permanent line on its brown (old red) and neutral on its blue (old black) in every switch position.',
    ],
    'rose-polarity' => [
        'exchanged' => ':spot: neutral and line are swapped in the rose. The light may work, but the polarity is wrong. Move the cables, not the flex.',
        'line-in-neutral' => ':spot: the neutral block of the rose has a line in it. The next person will take that block for neutral.',
        'neutral-in-line' => ':spot: a line block of the rose has a neutral in it. Neutrals go in the neutral block.',
    ],
    'rose-blocks-exchanged' => [
        'both' => ':spot: permanent line and switched live are swapped in the rose. It works, but the next person trusts the blocks.',
        'loop' => ':spot: the switched live is in the loop block. It works, but the loop block is for the permanent line.',
        'switched' => ':spot: the permanent line is in the switched block. It works, but that block is for the switched live.',
    ],
    'outlet-reversed' => ':device: line and neutral are reversed (:at).',
    'white-single-as-line' => ':spot: a white single carries the :role.',
    'spared-reachable' => 'Not required where the box can be reached later.',
    'leads-reversed' => 'The leads of :lamp are reversed: its neutral lead is on the line (:at). It still lights, but its parts may be live when you open it. The neutral lead goes on the neutral.',
    'house-layout' => ':spot: red and black are swapped left to right compared with the other boxes.',
    'common-on-traveller' => [
        'exchanged' => ':spot: common and a strapper are swapped.',
        'link' => ':spot: these two are swapped. The other COM is linked to the wrong terminal: COM to COM, line and switched live to L1 and L2.',
        'common' => ':spot: a strapper is in the common, which is for the line or the switched live.',
        'throw' => ':spot: the line or switched live is in a strapper terminal. Move it to the common.',
    ],
];
