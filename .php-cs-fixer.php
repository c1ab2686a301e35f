<?php

declare(strict_types=1);

return (new PhpCsFixer\Config)
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@PER-CS2.0' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'no_unused_imports' => true,
        'ordered_imports' => ['sort_algorithm' => 'alpha'],
        'single_quote' => true,
        'concat_space' => ['spacing' => 'none'],
        'new_with_parentheses' => ['named_class' => false, 'anonymous_class' => false],
        'not_operator_with_successor_space' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'single_line_empty_body' => true,
        'php_unit_method_casing' => ['case' => 'snake_case'],
        'class_definition' => ['space_before_parenthesis' => false],
        'unary_operator_spaces' => true,
    ])
    ->setFinder((new PhpCsFixer\Finder)->in(['core', 'app', 'bootstrap', 'config', 'database', 'lang', 'routes', 'stand-ins', 'tests', 'public', 'benchmarks'])->exclude(['cache', 'build'])->name('*.php')->append([__FILE__]));
