<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Visit\EarlierMarks;
use HoundCheck\Core\Visit\VisitFold;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Core\CorpusTest;
use Tests\Core\CorpusVisit;

/** A fold that was kept and goes on says what one says that was there all the time. */
final class KeptFoldTest extends TestCase
{
    private const KEPT_EVERY = 4;

    #[DataProviderExternal(CorpusTest::class, 'visits')]
    public function test_a_visit_that_is_put_down_and_taken_up_again_is_the_same_visit(string $file): void
    {
        $marks = CorpusVisit::play(CorpusTest::parts($file)[0])->scene()->marks;
        $whole = new VisitFold;
        $kept = new VisitFold;
        foreach ($marks as $index => $mark) {
            $whole->take($mark);
            $kept->take($mark);
            if ($index % self::KEPT_EVERY === 0) {
                $kept = self::keptAfter($kept, array_slice($marks, 0, $index + 1));
            }
        }

        self::assertEquals($whole->state(), $kept->state());
        self::assertSame($whole->count(), $kept->count());
    }

    #[DataProviderExternal(CorpusTest::class, 'visits')]
    public function test_every_mark_can_be_taken_back_after_the_visit_was_put_down(string $file): void
    {
        $marks = CorpusVisit::play(CorpusTest::parts($file)[0])->scene()->marks;
        $whole = new VisitFold;
        array_map($whole->take(...), $marks);
        $kept = self::keptAfter($whole, $marks);

        foreach ($marks as $mark) {
            self::assertEquals($whole->mark($mark->id), $kept->mark($mark->id));
            self::assertSame($whole->isWithdrawn($mark->id), $kept->isWithdrawn($mark->id));
        }
        self::assertEquals($whole->marks(), $kept->marks());
    }

    /** @param list<Mark<Payload>> $marks */
    private static function keptAfter(VisitFold $fold, array $marks): VisitFold
    {
        $kept = unserialize(serialize($fold));
        self::assertInstanceOf(VisitFold::class, $kept);
        $kept->goesOnAfter(new class($marks) implements EarlierMarks {
            /** @param list<Mark<Payload>> $marks */
            public function __construct(private readonly array $marks) {}

            public function all(): array
            {
                return $this->marks;
            }
        });

        return $kept;
    }
}
