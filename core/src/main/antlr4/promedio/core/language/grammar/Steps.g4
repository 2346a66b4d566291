/**
 * The language of preparation: steps of a trail, formulas, and what is asked in the jotter. Definitions for tables, sections 10
 * and 11. Names of columns may be words of the language wherever nothing but a name can stand.
 */
grammar Steps;

wholeStep : step EOF ;
wholeFormula : expression EOF ;
wholeLine : (seeding | expression ('to' expression ('by' expression)?)?) EOF ;

step
    : 'keep' 'rows' 'where' expression                                                                # keepRows
    | 'leave' 'out' 'rows' 'where' expression                                                         # leaveOutRows
    | 'keep' 'columns' columns                                                                        # keepColumns
    | 'leave' 'out' 'columns' columns                                                                 # leaveOutColumns
    | 'rename' column 'to' fresh                                                                      # rename
    | 'work' 'out' fresh '=' expression                                                               # workOut
    | 'sort' 'into' 'bands' column 'as' fresh ':' band (',' band)*                                    # sortIntoBands
    | 'replace' 'in' columns ':' replacement (',' replacement)*                                       # replace
    | 'name' 'values' 'of' column ':' naming (',' naming)*                                            # nameValues
    | 'carry' 'down' columns                                                                          # carryDown
    | 'put' 'in' 'order' 'by' ordering (',' ordering)*                                                # putInOrder
    | 'standardise' column 'as' fresh within?                                                         # standardise
    | 'one' 'row' 'per' 'cell' 'of' columns ':' 'values' 'as' fresh ',' 'names' 'as' fresh            # rowPerCell
    | 'one' 'row' 'per' column (',' column)* ':' summary (',' summary)*                               # rowPerGroup
    | 'one' 'row' 'in' 'all' ':' summary (',' summary)*                                               # rowInAll
    | 'one' 'column' 'per' column ':' 'values' column                                                 # columnPer
    | 'draw' NUMBER 'rows' ',' 'seed' sign? NUMBER                                                    # drawRows
    | 'join' 'with' QUOTED 'by' column                                                                # join
    ;

columns : columnRun (',' columnRun)* ;
columnRun : column ('to' column)? ;
column : name ;
fresh : name ;
band : bandClass TEXT? ;
bandClass : ~(TEXT | ',')+ ;
replacement : cell 'with' cell ;
naming : cell '=' TEXT ;
cell : sign? NUMBER | TEXT | 'missing' | 'yes' | 'no' ;
ordering : column (('largest' | 'smallest') 'first')? ;
summary : 'n' ('as' fresh)? | expression ('as' fresh)? ;
sign : '-' | '−' | '+' ;

expression
    : 'if' expression 'then' expression 'else' expression                                             # choice
    | disjunction                                                                                     # loosest
    ;

disjunction : conjunction ('or' conjunction)* ;
conjunction : negation ('and' negation)* ;
negation : 'not' negation | comparison ;

comparison : joined comparing? ;
comparing
    : ('=' | '<>' | '≠' | '<' | '<=' | '≤' | '>' | '>=' | '≥') joined                                 # compared
    | 'between' joined 'and' joined                                                                   # between
    | 'is' 'not'? ('missing' | 'one' 'of' '(' expression (',' expression)* ')')                       # isSo
    | ('contains' | 'starts' 'with' | 'ends' 'with') joined                                           # holds
    ;

joined : sum ('joined' 'with' sum)* ;
sum : product (('+' | '-' | '−') product)* ;
product : signed (('*' | '×' | '/' | '÷') signed)* ;
signed : ('-' | '−' | '+') signed | power ;
power : primary ('^' signed)? ;

primary
    : NUMBER '%'?                                                                                     # number
    | TEXT                                                                                            # text
    | ('yes' | 'no')                                                                                  # truth
    | 'missing'                                                                                       # missing
    | 'date' TEXT                                                                                     # dateLiteral
    | measure 'of' operand within?                                                                    # measured
    | 'quartile' NUMBER 'of' operand within?                                                          # quartile
    | 'percentile' sign? NUMBER 'of' operand within?                                                  # percentile
    | ('count' | 'share') 'where' disjunction within?                                                 # counted
    | 'standard' 'score' 'of' operand within?                                                         # standardScore
    | 'rank' 'of' operand ('from' 'the' 'largest')? within?                                           # rank
    | 'running' 'total' 'of' operand within?                                                          # runningTotal
    | 'previous' 'of' operand                                                                         # previous
    | 'row' 'number'                                                                                  # rowNumber
    | measure 'along' '(' columns ')'                                                                 # along
    | 'take' NUMBER 'of' operand                                                                      # take
    | 'critical' family (',' parameter)* ',' 'tail' part (',' NUMBER 'sides')?                        # critical
    | 'tail' family (',' parameter)* ',' ('below' real | 'above' real | 'between' real 'and' real)    # tail
    | 'first' 'known' '(' expression (',' expression)* ')'                                            # firstKnown
    | function '(' expression (',' expression)* ')'                                                   # call
    | column                                                                                          # named
    | bracket                                                                                         # bracketed
    ;

family : 'normal' | 't' | 'chi' 'squared' | 'f' | 'binomial' ;
parameter
    : real ('and' real)? ('degree' | 'degrees') 'of' 'freedom'
    | ('mean' | 'sd' | 'chance') real
    | NUMBER 'trials'
    ;
real : sign? NUMBER ;
part : real ('%' | ('/' | '÷') NUMBER)? ;

operand : column | bracket | 'take' NUMBER 'of' operand ;
bracket : '(' NUMBER NUMBER+ ')' | '(' expression ('to' expression ('by' expression)? | (',' expression)+)? ')' ;
within : 'within' (column | '(' column (',' column)* ')') ;
seeding : 'seed' sign? NUMBER ;

measure
    : 'count' | 'sum' | 'mean' | 'median' | 'mode' | 'smallest' | 'largest' | 'range' | 'sd' | 'variance' | 'distinct'
    | 'average' | 'minimum' | 'min' | 'maximum' | 'max' | 'iqr'
    ;

function
    : 'absolute' | 'root' | 'ln' | 'log10' | 'exp' | 'rounded' | 'down' | 'up' | 'remainder' | 'length' | 'lower' | 'upper'
    | 'trimmed' | 'part' | 'number' | 'text' | 'year' | 'month' | 'day' | 'weekday' | 'hour' | 'minute' | 'days' | 'date'
    ;

name
    : BARE | QUOTED | function | measure
    | 'keep' | 'rows' | 'leave' | 'out' | 'columns' | 'rename' | 'work' | 'sort' | 'into' | 'bands' | 'replace' | 'name'
    | 'values' | 'carry' | 'put' | 'order' | 'standardise' | 'one' | 'row' | 'per' | 'cell' | 'names' | 'all' | 'column'
    | 'draw' | 'seed' | 'join' | 'first' | 'known' | 'n' | 'standard' | 'score' | 'rank' | 'running' | 'total' | 'previous'
    | 'take' | 'quartile' | 'percentile' | 'share' | 'the' | 'down'
    | 'critical' | 'tail' | 'normal' | 't' | 'chi' | 'squared' | 'f' | 'binomial' | 'degree' | 'degrees' | 'freedom' | 'chance'
    | 'trials' | 'sides' | 'below' | 'above'
    ;

NUMBER : DIGIT+ ('.' DIGIT*)? EXPONENT? | '.' DIGIT+ EXPONENT? ;
TEXT : '"' (~'"' | '""')* '"' ;
QUOTED : '\'' (~'\'' | '\'\'')+ '\'' ;
BARE : LETTER (LETTER | DIGIT | '_')* ;
BLANK : [ \t\r\n\u00a0\u202f\u2009]+ -> skip ;
OTHER : . ;

fragment EXPONENT : [eE] [+-]? DIGIT+ ;
fragment DIGIT : [0-9] ;
fragment LETTER : [\p{L}\p{M}] ;
