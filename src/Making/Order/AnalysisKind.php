<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

/** What is found out about the pictures of a file. */
enum AnalysisKind: string
{
    /** Where the interest lies, where its own cuts are, and its colours. */
    case Interest = 'interest';

    /** Whether what is seen stands before a plain ground, and of which colours that is. */
    case Ground = 'ground';
}
