<?php

declare(strict_types=1);

use Tests\Support\SourceFile;

/** Extensions of PHP whose functions only compute; of the calendar, only what knows no clock. */
const PURE_EXTENSIONS = ['Core', 'standard', 'mbstring', 'pcre', 'json', 'ctype'];

/** Functions of those extensions that know a clock, chance, a file, a process, the environment or the output. */
const IMPURE_FUNCTIONS = '/^('
    .'time|microtime|hrtime|sleep|usleep|uniqid|rand|random_|mt_|lcg_|shuffle$|str_shuffle|array_rand|file|fopen|'
    .'f(get|put|read|write|close|seek|lock)|readfile|tmpfile|tempnam|touch|unlink|rename|copy$|mkdir|rmdir|glob$|'
    .'scandir|opendir|dir$|stat$|is_(file|dir|readable|writable|link)|stream_|socket_|fsockopen|gethost|dns_|exec|'
    .'shell_|system|passthru|proc_|popen|getenv|putenv|ini_|set_|header|setcookie|mail$|print_r|var_dump|var_export|'
    .'debug_|error_|trigger_error|ob_|register_|call_user_func|func_get_args|extract$|compact$|eval)/';

$core = SourceFile::under('core');

it('lets the core know nothing but itself', function () use ($core) {
    $strange = [];
    foreach ($core as $file) {
        foreach ($file->names() as $name) {
            if (! str_starts_with($name, 'Underpin\\')
                && ! in_array(
                    $name,
                    [
                        'BackedEnum', 'Closure', 'Collator', 'DateTimeZone', 'DomainException', 'JsonException', 'LogicException',
                        'SplMinHeap', 'stdClass',
                    ],
                    true,
                )) {
                $strange[] = "$file->path: $name";
            }
        }
    }
    expect($core)->not->toBeEmpty()->and($strange)->toBe([]);
});

it('lets the core read no clock, chance, file, environment or output', function () use ($core) {
    $strange = [];
    foreach ($core as $file) {
        foreach ($file->calls() as $function) {
            $pure = function_exists($function)
                && ($function === 'checkdate' || in_array((new ReflectionFunction($function))->getExtensionName(), PURE_EXTENSIONS, true));
            if (! $pure || preg_match(IMPURE_FUNCTIONS, $function) === 1) {
                $strange[] = "$file->path: $function()";
            }
        }
        foreach (
            $file->words(
                [T_ECHO, T_PRINT, T_EXIT, T_EVAL, T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE, T_GLOBAL, T_INLINE_HTML]
            ) as $word
        ) {
            $strange[] = "$file->path: $word";
        }
        foreach ($file->words([T_VARIABLE]) as $variable) {
            if ($variable === '$GLOBALS' || preg_match('/^\$_(GET|POST|SERVER|ENV|COOKIE|FILES|REQUEST|SESSION)$/', $variable) === 1) {
                $strange[] = "$file->path: $variable";
            }
        }
    }
    expect($strange)->toBe([]);
});

it('sees what it looks for', function () {
    $file = new SourceFile(
        'here',
        '<?php use DateTimeImmutable; use Illuminate\Support\Str; echo time() . \Carbon\Carbon::now()->format(1) . $_GET["a"]; '
            .'new \PDO("x"); function own() {}',
    );
    expect($file->names())->toContain('DateTimeImmutable', 'Illuminate\Support\Str', 'Carbon\Carbon', 'PDO')
        ->and($file->calls())->toBe(['time'])
        ->and($file->words([T_ECHO]))->toBe(['echo']);
});

it('is strict about types everywhere', function () {
    $lax = [];
    foreach (['core', 'app', 'database', 'routes', 'config', 'tests'] as $folder) {
        foreach (SourceFile::under($folder) as $file) {
            if (! $file->isStrict()) {
                $lax[] = $file->path;
            }
        }
    }
    expect($lax)->toBe([]);
});

it('has values in the core that nobody extends or changes', function () use ($core) {
    $open = [];
    foreach ($core as $file) {
        $class = new ReflectionClass($file->className('core', 'Underpin'));
        if (! $class->isFinal() && ! $class->isInterface() && ! $class->isAbstract() && ! $class->isTrait()) {
            $open[] = "$class->name is not final";
        }
        foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            if (! $property->isReadOnly() && $property->getDeclaringClass()->isUserDefined()) {
                $open[] = "$class->name::\$$property->name can be changed";
            }
        }
    }
    expect($open)->toBe([]);
});

it('keeps the arithmetic of the trade out of the models', function () {
    $models = SourceFile::under('app/Models');
    expect($models)->not->toBeEmpty();
    foreach ($models as $file) {
        expect(array_values(preg_grep('/^Underpin\\\\(Sizing|Wiring|Loads|Checks|Outage)\\\\/', $file->names())))->toBe([]);
    }
});
