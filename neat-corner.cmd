@echo off
rem Starts Neat Corner on Windows: needs a JDK 25 or newer in JAVA_HOME or on the path; builds on first use with Maven.
setlocal enabledelayedexpansion
set "HERE=%~dp0"
set "JAVA=java"
if defined JAVA_HOME set "JAVA=%JAVA_HOME%\bin\java"
"%JAVA%" -version 2>&1 | findstr /r /c:"version \"2[5-9]" /c:"version \"[3-9][0-9]" >nul
if errorlevel 1 (
    echo neat-corner: needs a JDK 25 or newer; set JAVA_HOME to one. 1>&2
    exit /b 1
)
set "JAR=%HERE%app\target\app-0.1.0.jar"
set "LIB=%HERE%app\target\lib"
if not exist "%JAR%" (
    echo neat-corner: building, once; this takes a minute ... 1>&2
    if exist "%LIB%" rmdir /s /q "%LIB%"
    pushd "%HERE%"
    call mvn -B -q -Dmaven.test.skip=true -pl core,files,app package
    if errorlevel 1 (
        popd
        echo neat-corner: the build failed. 1>&2
        exit /b 1
    )
    popd
)
rem The cache is named after the size of the program, so that one of an older build is not used.
for %%A in ("%JAR%") do set "CACHE=%HERE%app\target\neat-corner-%%~zA.aot"
set "FX="
for %%J in ("%LIB%\javafx-*-*.jar") do set "FX=!FX!%%J;"
set "FLAGS=--module-path "!FX!" --add-modules javafx.controls --enable-native-access=javafx.graphics,ALL-UNNAMED --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -Xms72m -Xmn40m -Xmx1g -XX:MinHeapFreeRatio=5 -XX:MaxHeapFreeRatio=12 -XX:-ShrinkHeapInSteps -XX:CompileThresholdScaling=5 -Xlog:disable -Xlog:all=error:stderr -XX:+DisplayVMOutputToStderr"
if exist "%CACHE%" set "FLAGS=%FLAGS% -XX:AOTCache="%CACHE%""
rem A window is worth half a minute's wait once; a command that prints starts as it can.
set "WINDOW="
if "%~1"=="" set "WINDOW=yes"
if "%~1"=="demo" set "WINDOW=yes"
if "%~1"=="--shop" set "WINDOW=yes"
if exist "%CACHE%" set "WINDOW="
if defined WINDOW (
    echo neat-corner: preparing a quick start, once ... 1>&2
    "%JAVA%" %FLAGS% -XX:AOTCacheOutput="%CACHE%" -cp "%JAR%;%LIB%\*" neatcorner.app.Main shots "%TEMP%\neat-corner-shots" >nul 2>&1
    if exist "%CACHE%" set "FLAGS=%FLAGS% -XX:AOTCache="%CACHE%""
)
"%JAVA%" %FLAGS% -cp "%JAR%;%LIB%\*" neatcorner.app.Main %*
exit /b %ERRORLEVEL%
