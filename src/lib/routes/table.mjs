// Every route there is, what it wants and what it offers: the one place that says so. Whoever may open it, who may do each
// of its acts, what lies on a device, what may be sent: read from here by the server, the door before it, the service
// worker, the bar, and the tests. A page, an act or a right is added here and in the folder of its page. What is said of
// them is named here by its message in `$lib/words/routes.json`.

/** @typedef {'guest' | 'reader' | 'helper' | 'coordinator'} By each may what those before it may; a guest is whoever comes, signed in or not */

/**
 * @typedef {object} Act of a route: a form of its page by name, or a method
 * @property {By} by who may do it
 * @property {string} [says] how the trail says it, a message of `trail`; entries say themselves, and what changes nothing of the group is not said
 * @property {string} [waits] what it is while it waits on a device, a message of `waiting`; without one it does not wait
 */

/**
 * @typedef {object} Route
 * @property {By} by who may open it
 * @property {true} [isLink] its address carries its own right, and is told to no log
 * @property {true} [isDoor] it is there only where people sign in
 * @property {'at once' | 'when opened'} [laid] when it is laid by on a device, to be there without network
 * @property {number} [bytes] of what may be sent to it, where that is more than a form
 * @property {string} [title] what the browser calls it, where it is called otherwise than in the bar; this and the next two are messages of `names`
 * @property {string} [stage] its name in the bar, in this order
 * @property {true} [isOnPhone] it is in the bar of a phone too; the others are under *More* there
 * @property {{ of: string, label: string }} [part] its name among the parts of a stage, in this order
 * @property {Readonly<Record<string, Act>>} [acts]
 */

/** What is not named here is opened and done by nobody. @type {Readonly<Record<string, Route>>} */
export const routes = {
	'/': { by: 'reader', stage: 'today', isOnPhone: true, laid: 'when opened' },
	'/plan': {
		by: 'reader',
		title: 'planAMat',
		stage: 'plan',
		acts: { keep: { by: 'coordinator', says: 'savedAPlan' }, work: { by: 'reader' } }
	},
	'/plan/[id=uuid]': {
		by: 'reader',
		acts: {
			copy: { by: 'coordinator', says: 'savedAPlan' },
			keep: { by: 'coordinator', says: 'savedAPlan' },
			work: { by: 'reader' }
		}
	},
	'/plan/[id=uuid]/file': { by: 'reader' },
	'/plan/ways': { by: 'reader', title: 'otherWays', laid: 'when opened' },
	'/plan/sack': { by: 'reader', title: 'fromASack', laid: 'when opened' },
	'/plans': {
		by: 'reader',
		title: 'plans',
		bytes: 16_777_216,
		acts: {
			delete: { by: 'coordinator', says: 'deletedAPlan' },
			duplicate: { by: 'coordinator', says: 'copiedAPlan' },
			read: { by: 'coordinator', says: 'addedAPlanFromAFile' },
			rename: { by: 'coordinator', says: 'renamedAPlan' },
			restore: { by: 'coordinator', says: 'restoredAPlan' }
		}
	},
	'/gather': {
		by: 'reader',
		laid: 'at once',
		stage: 'gather',
		isOnPhone: true,
		part: { of: 'gather', label: 'bagsCameIn' },
		acts: {
			keep: { by: 'helper' }
		}
	},
	'/gather/sort': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'sorting' },
		acts: {
			keep: { by: 'helper' },
			none: { by: 'helper', waits: 'aPileThatIsGone' },
			there: { by: 'helper', waits: 'aPileThatIsStillThere' }
		}
	},
	'/gather/store': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'store' },
		acts: { keep: { by: 'helper' } }
	},
	'/gather/asks': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'asks' },
		acts: {
			want: {
				by: 'coordinator',
				says: 'setHowManyMatsAreWanted',
				waits: 'howManyMatsAreWanted'
			}
		}
	},
	'/gather/kinds': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'gather', label: 'bagKinds' },
		acts: {
			keep: { by: 'helper' },
			remove: {
				by: 'coordinator',
				says: 'removedAKindOfBag',
				waits: 'aKindOfBagToRemove'
			}
		}
	},
	'/gather/lists': {
		by: 'reader',
		laid: 'at once',
		bytes: 16_777_216,
		part: { of: 'gather', label: 'lists' },
		acts: { bring: { by: 'coordinator', says: 'addedAList' } }
	},
	'/gather/asks/sheet.pdf': { by: 'reader' },
	'/gather/bare': { by: 'reader' },
	'/gather/lists/[id=uuid]': {
		by: 'reader',
		title: 'list',
		laid: 'when opened',
		acts: {
			back: { by: 'coordinator', says: 'undidAList' },
			drop: { by: 'coordinator', says: 'deletedAList' },
			keep: { by: 'coordinator', says: 'savedAList' },
			match: { by: 'coordinator' },
			mend: { by: 'coordinator' },
			settle: { by: 'coordinator' }
		}
	},
	'/gather/lists/[id=uuid]/keep': {
		by: 'coordinator',
		laid: 'when opened',
		acts: { POST: { by: 'coordinator', says: 'savedAList' } }
	},
	'/gather/lists/[list].csv': { by: 'reader' },
	'/prepare': {
		by: 'reader',
		laid: 'at once',
		stage: 'prepare',
		isOnPhone: true,
		part: { of: 'prepare', label: 'table' },
		acts: { keep: { by: 'helper' } }
	},
	'/prepare/balls': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'ballsAndLabels' },
		acts: {
			blank: { by: 'helper', says: 'madeLabels' },
			drop: { by: 'helper', says: 'stoppedPrintingLabels' },
			hand: { by: 'helper' },
			print: { by: 'helper', says: 'printedLabels' },
			resume: { by: 'helper' },
			sheet: { by: 'helper', says: 'printedLabels' }
		}
	},
	'/prepare/bare': { by: 'reader' },
	'/prepare/days': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'tableDays' },
		acts: {
			add: { by: 'coordinator', says: 'plannedATableDay', waits: 'aTableDay' },
			off: {
				by: 'coordinator',
				says: 'cancelledATableDay',
				waits: 'aTableDayToCancel'
			},
			people: {
				by: 'coordinator',
				says: 'setWhoComesToATableDay',
				waits: 'whoComesToATableDay'
			},
			rhythm: { by: 'coordinator', says: 'setTheRhythm', waits: 'theRhythm' },
			shut: { by: 'coordinator', says: 'shutTheHall', waits: 'daysTheHallIsShut' },
			reopen: { by: 'coordinator', says: 'openedTheHall', waits: 'daysTheHallIsOpen' },
			away: { by: 'helper', says: 'notedWhoIsAway', waits: 'whoIsAway' },
			back: { by: 'helper', says: 'removedWhoWasAway', waits: 'whoIsBack' }
		}
	},
	'/prepare/days/[id]': {
		by: 'reader',
		laid: 'when opened',
		acts: {
			close: { by: 'coordinator', says: 'endedATableDay', waits: 'theEndOfATableDay' },
			open: { by: 'coordinator', says: 'startedATableDay', waits: 'theStartOfATableDay' },
			seats: { by: 'coordinator', says: 'savedSeats', waits: 'seats' },
			teaches: { by: 'coordinator', says: 'leftAMeasureOut' },
			terms: { by: 'coordinator', says: 'editedATableDay', waits: 'changesToATableDay' }
		}
	},
	'/prepare/days/[id]/[sheet].pdf': { by: 'helper' },
	'/prepare/days/[id]/[station]': {
		by: 'reader',
		laid: 'when opened',
		acts: { default: { by: 'helper' } }
	},
	'/prepare/days/[id]/advice': { by: 'helper', laid: 'when opened' },
	'/prepare/days/[id]/day.ics': { by: 'reader' },
	'/prepare/days/[id]/wall': { by: 'reader', title: 'wallScreen', laid: 'when opened' },
	'/prepare/days/calendar.ics': { by: 'reader' },
	'/prepare/labels.pdf': { by: 'helper' },
	'/prepare/things': { by: 'reader', laid: 'when opened' },
	'/prepare/things/[code]': { by: 'reader', laid: 'when opened' },
	'/prepare/things/[code]/label.png': { by: 'reader' },
	'/prepare/tools': {
		by: 'reader',
		laid: 'at once',
		part: { of: 'prepare', label: 'tools' },
		acts: { keep: { by: 'helper' } }
	},
	'/prepare/worksheet.pdf': { by: 'reader' },
	'/people': {
		by: 'reader',
		title: 'volunteers',
		acts: {
			add: { by: 'coordinator', says: 'addedAPerson' },
			forget: { by: 'coordinator', says: 'removedAPersonsName' },
			person: { by: 'coordinator', says: 'editedAPerson' }
		}
	},
	'/places': {
		by: 'reader',
		title: 'sourcesAndReceivingPlaces',
		acts: {
			ended: { by: 'coordinator', says: 'removedAReceivingPlace' },
			own: { by: 'coordinator', says: 'splitAMergedSource' },
			receiving: { by: 'coordinator', says: 'addedAReceivingPlace' },
			same: { by: 'coordinator', says: 'mergedTwoSources' }
		}
	},
	'/make': {
		by: 'reader',
		laid: 'at once',
		stage: 'make',
		isOnPhone: true,
		acts: { keep: { by: 'helper' } }
	},
	'/make/[code]': {
		by: 'reader',
		laid: 'when opened',
		acts: {
			keep: { by: 'helper' },
			link: { by: 'coordinator', says: 'madeALinkToAMat' },
			revoke: { by: 'coordinator', says: 'endedALink' }
		}
	},
	'/make/[code]/rows.pdf': { by: 'reader' },
	'/make/outbox': { by: 'helper', title: 'outbox', laid: 'at once' },
	'/check': { by: 'reader', laid: 'at once', stage: 'check', acts: { keep: { by: 'helper' } } },
	'/check/[code]': { by: 'reader', laid: 'when opened', acts: { keep: { by: 'helper' } } },
	'/check/bare': { by: 'reader' },
	'/check/sheet.pdf': { by: 'reader' },
	'/hand-over': {
		by: 'reader',
		title: 'handOver',
		stage: 'handOver',
		part: { of: 'hand-over', label: 'deliveries' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/hand-over/asks': {
		by: 'reader',
		part: { of: 'hand-over', label: 'askedAndPromised' },
		acts: {
			keep: { by: 'coordinator' },
			place: { by: 'coordinator', says: 'addedAReceivingPlace' }
		}
	},
	'/hand-over/pillows': {
		by: 'reader',
		part: { of: 'hand-over', label: 'pillows' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/hand-over/account': { by: 'reader', part: { of: 'hand-over', label: 'resultsSoFar' } },
	'/hand-over/account.pdf': { by: 'reader' },
	'/hand-over/bare': { by: 'reader' },
	'/hand-over/calendar.ics': { by: 'reader' },
	'/hand-over/deliveries.csv': { by: 'reader' },
	'/hand-over/deliveries/[code]': { by: 'reader', acts: { keep: { by: 'coordinator' } } },
	'/hand-over/deliveries/[code]/note.pdf': { by: 'reader' },
	'/hand-over/mats.csv': { by: 'reader' },
	'/hand-over/mats/[code]': { by: 'reader' },
	'/hand-over/tags.pdf': { by: 'reader' },
	'/season': {
		by: 'reader',
		title: 'season',
		stage: 'season',
		part: { of: 'season', label: 'forecast' },
		acts: {
			count: { by: 'coordinator', says: 'countedOnMoreHelp' },
			keep: { by: 'coordinator' },
			uncount: { by: 'coordinator', says: 'countedOnLessHelp' }
		}
	},
	'/season/calendar.ics': { by: 'reader' },
	'/season/kept': {
		by: 'reader',
		part: { of: 'season', label: 'pastForecasts' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/season/plan': {
		by: 'coordinator',
		part: { of: 'season', label: 'bestPlan' },
		acts: {
			aim: { by: 'coordinator', says: 'setTheAimOfADay' },
			begin: { by: 'coordinator', says: 'decidedWhoBegins' },
			keep: { by: 'coordinator' },
			next: { by: 'coordinator', says: 'choseTheNextPlan' }
		}
	},
	'/season/sheet.pdf': { by: 'reader' },
	'/season/words': {
		by: 'coordinator',
		part: { of: 'season', label: 'messages' },
		acts: { keep: { by: 'coordinator' } }
	},
	'/measures': {
		by: 'reader',
		title: 'measures',
		acts: { keep: { by: 'helper' }, leave: { by: 'coordinator', says: 'leftAMeasureOut' } }
	},
	'/photo': {
		by: 'reader',
		title: 'measuredFromAPhoto',
		laid: 'when opened',
		acts: {
			link: { by: 'coordinator' },
			printer: { by: 'helper', says: 'savedAPrinter' },
			remove: { by: 'helper', says: 'removedAPicture' }
		}
	},
	'/photo/examples/[name].jpg': { by: 'reader' },
	'/photo/handed': { by: 'coordinator', acts: { POST: { by: 'coordinator' } } },
	'/photo/kept': {
		by: 'helper',
		bytes: 21_037_056,
		acts: { POST: { by: 'helper', says: 'keptAPicture' } }
	},
	'/photo/kept/[id=uuid].jpg': { by: 'reader' },
	'/photo/measure': { by: 'helper', bytes: 21_037_056, acts: { POST: { by: 'helper' } } },
	'/photo/sheet.pdf': { by: 'reader' },
	'/h/[address]': {
		by: 'guest',
		isLink: true,
		bytes: 21_037_056,
		acts: { default: { by: 'guest' } }
	},
	'/know-how': {
		by: 'guest',
		laid: 'at once',
		title: 'knowHow',
		stage: 'knowHow',
		part: { of: 'know-how', label: 'howItIsDone' }
	},
	'/know-how/[act]': { by: 'guest', laid: 'when opened' },
	'/know-how/[act]/card.pdf': { by: 'guest' },
	'/know-how/[act]/picture.svg': { by: 'guest' },
	'/know-how/cards.pdf': { by: 'guest' },
	'/know-how/faults': {
		by: 'guest',
		laid: 'when opened',
		part: { of: 'know-how', label: 'findAFault' }
	},
	'/know-how/practice': { by: 'guest', laid: 'when opened' },
	'/know-how/words': {
		by: 'guest',
		laid: 'when opened',
		part: { of: 'know-how', label: 'craftWords' }
	},
	'/sheets/[sheet]': { by: 'reader' },
	'/backup': { by: 'coordinator', title: 'backupAndArchive' },
	'/entry': { by: 'coordinator', title: 'whoMayComeIn' },
	'/reach': { by: 'coordinator', title: 'reachingUsFromPhones' },
	'/more': { by: 'guest', title: 'more', laid: 'at once' },
	'/search': { by: 'reader', title: 'search', laid: 'when opened' },
	'/settings': {
		by: 'reader',
		title: 'settings',
		acts: {
			group: { by: 'coordinator', says: 'changedTheSettings' },
			hall: { by: 'reader' },
			name: { by: 'coordinator', says: 'namedTheGroup' },
			words: { by: 'guest' }
		}
	},
	'/links': {
		by: 'coordinator',
		title: 'links',
		acts: {
			late: { by: 'coordinator', says: 'decidedAboutLateEntries' },
			open: { by: 'coordinator', says: 'madeALink' },
			make: { by: 'coordinator', says: 'madeALinkToAPlan' },
			revoke: { by: 'coordinator', says: 'endedALink' }
		}
	},
	'/removed': {
		by: 'coordinator',
		title: 'removed',
		acts: { back: { by: 'coordinator', says: 'restoredSomethingThatWasRemoved' } }
	},
	'/trail': { by: 'coordinator', title: 'history' },
	'/everything.zip': { by: 'coordinator' },
	'/a/[address]': { by: 'guest', isLink: true },
	'/a/[address]/sheet.pdf': { by: 'guest', isLink: true },
	'/account': {
		by: 'guest',
		isDoor: true,
		acts: {
			passphrase: { by: 'guest' },
			confirm: { by: 'guest' },
			name: { by: 'guest' },
			elsewhere: { by: 'guest' },
			out: { by: 'guest' },
			passkey: { by: 'guest' }
		}
	},
	'/api/auth/[...rest]': { by: 'guest', isDoor: true, acts: { POST: { by: 'guest' } } },
	'/api/compare': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/entries': { by: 'reader', acts: { POST: { by: 'helper' } } },
	'/api/estimate': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/mix': { by: 'reader', bytes: 270_000, acts: { POST: { by: 'reader' } } },
	'/api/plan.schema.json': { by: 'guest' },
	'/api/plans': {
		by: 'reader',
		bytes: 270_000,
		acts: { POST: { by: 'coordinator', says: 'savedAPlan' } }
	},
	'/api/scale': { by: 'helper' },
	'/api/version': { by: 'guest' },
	'/bare': { by: 'reader' },
	'/bare/insert': { by: 'reader', acts: { POST: { by: 'reader' } } },
	'/c/[address]': { by: 'guest', isLink: true },
	'/groups': {
		by: 'guest',
		title: 'groups',
		isDoor: true,
		acts: {
			choose: { by: 'guest' },
			delete: { by: 'coordinator', says: 'deletedTheGroup' },
			make: { by: 'guest' },
			undo: { by: 'guest' }
		}
	},
	'/healthz': { by: 'guest' },
	'/healthz/live': { by: 'guest' },
	'/healthz/ready': { by: 'guest' },
	'/join/[address]': { by: 'guest', isLink: true, isDoor: true, acts: { join: { by: 'guest' } } },
	'/l/[address]': { by: 'guest', isLink: true },
	'/m/[address]': { by: 'guest', isLink: true, acts: { POST: { by: 'guest' } } },
	'/members': {
		by: 'coordinator',
		title: 'members',
		isDoor: true,
		acts: {
			change: { by: 'coordinator', says: 'changedAMembersRole' },
			invite: { by: 'coordinator', says: 'madeAnInvitationLink' },
			remove: { by: 'coordinator', says: 'removedAMember' }
		}
	},
	'/s/[address]': { by: 'guest', isLink: true },
	'/s/[address]/entries': { by: 'guest', isLink: true, acts: { POST: { by: 'guest' } } },
	'/sign-in': { by: 'guest', isDoor: true, acts: { in: { by: 'guest' } } },
	'/sign-in/anew': { by: 'guest', isDoor: true, acts: { renew: { by: 'guest' } } },
	'/sign-in/forgot': { by: 'guest', isDoor: true, acts: { send: { by: 'guest' } } },
	'/welcome': { by: 'guest', isDoor: true, acts: { begin: { by: 'guest' } } }
};
