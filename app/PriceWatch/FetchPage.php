<?php

declare(strict_types=1);

namespace App\PriceWatch;

use Closure;
use League\Uri\Uri;
use PaperKite\Partner\Price\PageProblem;
use Throwable;

/**
 * Fetches a page of another site, and nothing else. A name is resolved once, and the connection goes to the address that
 * was checked: whoever answers the next question for it otherwise gains nothing.
 *
 * @see https://cheatsheetseries.owasp.org/cheatsheets/Server_Side_Request_Forgery_Prevention_Cheat_Sheet.html
 */
final readonly class FetchPage
{
    private const MOST_REDIRECTS = 3;

    private const PAUSE_MICROSECONDS = 1_000_000;

    /** @param  Closure(FetchTarget, string): (Answered|PageProblem)  $exchange  one request, to an address that was checked */
    public function __construct(
        private WatchedHosts $hosts,
        private HostAddresses $addresses,
        private Closure $exchange,
    ) {}

    public function __invoke(string $address): FetchedPage
    {
        $origin = null;
        for ($redirects = 0; $redirects <= self::MOST_REDIRECTS; $redirects++) {
            $target = FetchTarget::of($address);
            if ($target === null || ($origin !== null && ! $target->hasSameHost($origin))) {
                return FetchedPage::none($address, $origin === null ? PageProblem::NotAllowed : PageProblem::LeadsAway);
            }
            if ($origin !== null) {
                usleep(self::PAUSE_MICROSECONDS);
            }
            $origin ??= $target;
            $answer = $this->ask($target);
            if (! $answer instanceof Answered) {
                return FetchedPage::none($address, $answer);
            }
            if (! $answer->isRedirect()) {
                return self::read($address, $answer);
            }
            try {
                $address = Uri::fromBaseUri($answer->location, $address)->toString();
            } catch (Throwable) {
                return FetchedPage::none($address, PageProblem::LeadsAround);
            }
        }

        return FetchedPage::none($address, PageProblem::LeadsAround);
    }

    private function ask(FetchTarget $target): Answered|PageProblem
    {
        if (! $this->hosts->allow($target->host, $target->port)) {
            return PageProblem::NotAllowed;
        }
        $local = $this->hosts->localAddress($target->host, $target->port);
        $found = $local === null ? $this->addresses->of($target->host) : [$local];
        if ($found === []) {
            return PageProblem::NoAddress;
        }
        // One of them is enough to lead into this network on another day.
        if ($local === null && array_filter($found, SpecialNets::hold(...)) !== []) {
            return PageProblem::PrivateAddress;
        }

        return ($this->exchange)($target, $found[0]);
    }

    private static function read(string $address, Answered $answer): FetchedPage
    {
        return match (true) {
            $answer->status === 200 => FetchedPage::found($address, $answer->body),
            $answer->status === 410 => FetchedPage::none($address, PageProblem::Gone),
            $answer->status === 404 => FetchedPage::none($address, PageProblem::NotFound),
            default => FetchedPage::none($address, PageProblem::Refused, $answer->retryAfter),
        };
    }
}
