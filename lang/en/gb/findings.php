<?php

return [
    'short-line-neutral' => ':spot: line and neutral meet with nothing between. :trips',
    'short-line-earth' => ':spot: line and earth meet with nothing between. :trips',
    'neutral-earth-contact' => ':spot: neutral and earth are joined beyond the supply. Load current returns by the earths, and an RCD trips.',
    'polarity-switching' => ':spot: the end switches choose between line and neutral at both sides of the lamp. Forbidden: the holder can be live with the lamp off.',
    'shell-live' => 'The screw shell of :lamp is on the line side: the line belongs on the centre contact. An E14 or E27 holder to BS EN 60238 guards its shell, and there it is a bad habit; in an older one a hand changing the lamp can touch it.',
    'earth-as-live' => ':spot: a CPC is used as :as. A CPC is for fault current only.',
    'earth-missing' => [
        'open' => ':spot: no path to the earth of the supply.',
        'on-current' => ':spot: earthed by a conductor that carries current, not by a CPC.',
    ],
    'four-way-pair-split' => ':spot: the two conductors to one neighbour sit on different pairs of the intermediate. Keep each pair together.',
    'open-neutral' => ':spot: :lamp gets the line but has no way back to the neutral.',
    'always-lit' => [
        'on-line' => ':spot: :lamp never goes out. It is on the permanent line, not on the switched live.',
    ],
    'line-unmarked' => [
        'plain' => ':spot: used as :as but not sleeved. Sleeve it brown at each end.',
        'return' => ':spot: used as :as but not sleeved. Sleeve it brown at each end.',
    ],
    'false-mark' => ':spot: sleeved as :mark, but it is :role.',
    'neutral-colour' => ':spot: the neutral runs on a core that is not blue (black in the old colours). Sleeve it blue at each end.',
    'return-on-white' => ':spot: the switched live comes back on white.',
    'neutral-absent-at-switch' => [
        'one-location' => ':spot: no neutral. :spared',
        'alone' => ':spot: no neutral. :spared',
        'every-box' => ':spot: no neutral in the box, where the board asks for one. :spared',
    ],
    'separate-return' => 'In :cable the currents out and back do not cancel: part of the current comes back another way (:at). Keep line and neutral in one cable.',
    'box-overfilled' => ':box: too small for what is in it.',
    'crowded-terminal' => ':spot: :count conductors in a terminal that takes :room. Join them in a connector and bring one to the terminal.',
    'earth-unsleeved' => '{1} :box: one bare CPC without a green-and-yellow sleeve, :at.|[2,*] :box: :count bare CPCs without green-and-yellow sleeves, :at.',
    'scheme-not-accepted-everywhere' => ':spot: the commons are tied to each other.',
    'rocker-inverted' => ':device is wired on COM and L2 (:at): on when the rocker is up. On COM and L1 it is on when pressed at the bottom, as people expect.',
    'rcd-absent' => ':spot: no RCD. New and altered lighting circuits in dwellings have one of 30 mA.',
    'breaker-too-large' => 'The breaker of :breaker A is too large here.',
    'flex-reversed' => 'The flex of :lamp is the wrong way round: its blue is on the switched live (:at). It lights; the next person goes by the colours.',
    'not-always-on' => [
        'onward' => ':spot: the cable on to :enclosure needs the permanent line on its brown (old red) and neutral on its blue (old black) in every switch position.',
    ],
    'rose-polarity' => [
        'exchanged' => ':spot: neutral and line are in each other\'s blocks of the rose. The light may work, but the polarity is wrong: move the cables, not the flex.',
        'line-in-neutral' => ':spot: the neutral block of the rose has a line conductor in it. Whoever works here next takes that block for neutral.',
        'neutral-in-line' => ':spot: there is a neutral in a line block of the rose. Neutrals go in the neutral block.',
    ],
    'rose-blocks-exchanged' => [
        'both' => ':spot: permanent line and switched live are in each other\'s blocks. It works; the next person goes by the blocks.',
        'loop' => ':spot: the switched live is in the loop block. It works, but the loop block is for the permanent line.',
        'switched' => ':spot: the permanent line is in the switched block. It works, but that block is for the switched live.',
    ],
    'outlet-reversed' => ':device: line and neutral are reversed (:at).',
    'white-single-as-line' => ':spot: a white single carries the :role.',
    'spared-reachable' => 'A box that can be reached later is spared.',
    'leads-reversed' => 'The leads of :lamp are exchanged: its neutral lead is on the line side (:at). It lights all the same, and its parts may be live when it is opened: the neutral lead belongs on the neutral.',
    'house-layout' => ':spot: red and black stand on other sides here than in the other boxes.',
    'common-on-traveller' => [
        'exchanged' => ':spot: common and a strapper are exchanged.',
        'link' => ':spot: the two are exchanged. The other COM is tied to the wrong one: COM goes to COM, line and switched live to L1 and L2.',
        'common' => ':spot: the common holds a strapper. It is for the line or the switched live.',
        'throw' => ':spot: a strapper terminal holds the line or the switched live. That conductor belongs on the common.',
    ],
];
