<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Does with a page what a browser does that shows it: asks for what counts that it is seen. */
trait ShowsImages
{
    /**
     * @template TResponse of Response
     *
     * @param  TestResponse<TResponse>  $page
     * @param  string  $base  the shop's address
     * @param  array<string, string>  $headers  with which the page was asked for
     * @return TestResponse<TResponse>
     */
    protected function showing(TestResponse $page, string $base, array $headers = []): TestResponse
    {
        preg_match_all('~<img src="(/p/[^"]+/seen[^"]*)"~', (string) $page->getContent(), $found);
        foreach ($found[1] as $address) {
            $this->get($base.html_entity_decode($address), ['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image', 'Sec-Fetch-Site' => 'same-origin'] + $headers)->assertNoContent();
        }

        return $page;
    }
}
