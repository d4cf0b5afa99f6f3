<?php

declare(strict_types=1);

namespace Tests\Core\People;

use PaperKite\People\Ability;
use PaperKite\People\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoleTest extends TestCase
{
    /** @return iterable<array{Role, list<Ability>}> */
    public static function roles(): iterable
    {
        yield [Role::Owner, [Ability::Read, Ability::Work, Ability::Payee, Ability::People]];
        yield [Role::Editor, [Ability::Read, Ability::Work]];
        yield [Role::Reader, [Ability::Read]];
    }

    /** @param  list<Ability>  $may */
    #[DataProvider('roles')]
    public function test_what_each_may(Role $role, array $may): void
    {
        self::assertSame($may, array_values(array_filter(Ability::cases(), $role->may(...))));
    }
}
