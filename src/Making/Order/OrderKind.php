<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

/** The kinds of things that are made. */
enum OrderKind: string
{
    /** Frames of one picture with all that lies over them. */
    case Segment = 'segment';

    /** The sound of a whole short. */
    case Mix = 'mix';

    /** What is found out about the pictures of a file. */
    case Analysis = 'analysis';

    /** A raw take: words that a voice speaks. */
    case Speech = 'speech';

    /** A take with its dead air cut, in a tempo. */
    case Take = 'take';

    /** The picture of a card. */
    case Card = 'card';
}
