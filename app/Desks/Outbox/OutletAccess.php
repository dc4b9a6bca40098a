<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Gateways\Outlets\Access;
use App\Gateways\Outlets\FailureKind;
use App\Gateways\Outlets\OutletFailure;
use App\Gateways\Outlets\OutletPlace;
use App\Gateways\Outlets\ServiceSignIn;
use App\Media\Store\KeyedLock;
use App\Shelves\Models\Outlet;

/** The right to post in the name of who signed in for an outlet: kept encrypted, renewed by one process at a time. */
final readonly class OutletAccess implements Access
{
    public function __construct(
        private Outlet $outlet,
        private OutletPlace $place,
        private KeyedLock $locks,
    ) {
    }

    public function token(): string
    {
        $tokens = $this->outlet->tokens ?? throw OutletFailure::signedOut();

        return $tokens['ends'] > now()->getTimestamp() ? $tokens['access'] : $this->renewed($tokens['access']);
    }

    public function renewed(string $old): string
    {
        // A token that renews is good for once: of two that renew at the same time one would be thrown out.
        return $this->locks->hold("outlet-{$this->outlet->id}", function () use ($old): string {
            $tokens = $this->outlet->refresh()->tokens ?? throw OutletFailure::signedOut();
            if ($tokens['access'] !== $old) {
                return $tokens['access'];
            }
            try {
                $new = (new ServiceSignIn($this->place))->renew($tokens['refresh']);
            } catch (OutletFailure $failure) {
                if ($failure->kind === FailureKind::SignedOut) {
                    $this->outlet->update(['tokens' => null]);
                }

                throw $failure;
            }
            $this->outlet->update(['tokens' => $new]);

            return $new['access'];
        });
    }
}
