<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What forms choose from is the same in every shop, and is sent once. */
final class ListsTest extends TestCase
{
    public function test_a_browser_that_has_the_present_lists_is_not_sent_them_again(): void
    {
        $this->actingAs($this->person($this->shop()));
        $first = $this->getJson($this->console('/api/lists'))->assertOk()->assertJsonPath('destinations.0.value', 'pay')->assertHeader('Cache-Control', 'no-cache, private');
        $etag = (string) $first->headers->get('ETag');

        $again = $this->withHeader('If-None-Match', $etag)->getJson($this->console('/api/lists'))->assertStatus(304);
        self::assertSame(['', $etag], [$again->getContent(), $again->headers->get('ETag')]);
        $this->withHeader('If-None-Match', '"another"')->getJson($this->console('/api/lists'))->assertOk();
        $this->getJson($this->console('/api/me'))->assertHeader('Cache-Control', 'no-store, private');
    }

    public function test_nobody_reads_them_unasked(): void
    {
        $this->getJson($this->console('/api/lists'))->assertUnauthorized();
    }
}
