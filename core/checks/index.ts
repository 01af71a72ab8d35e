import { noCells, type CellsOf } from '../picture/cells.ts';
import type { Plan } from '../plan/plan.ts';
import type { Names } from '../sentence/sentence.ts';
import { elementsNamed } from '../rules/elementsNamed.ts';
import { rulesInUse } from '../rules/rulesTree.ts';
import { allBays, edgeView } from '../view/allBays.ts';
import type { PageView } from '../view/view.ts';
import { arrangedGone } from './arrangedGone.ts';
import { assortmentGone } from './assortmentGone.ts';
import { buttonTextClipped } from './buttonTextClipped.ts';
import { cannotMove } from './cannotMove.ts';
import { SEVERITIES, type Check, type Finding, type Found, type Unread } from './check.ts';
import { cropLoses } from './cropLoses.ts';
import { endAboveFoot } from './endAboveFoot.ts';
import { fieldMissing } from './fieldMissing.ts';
import { filterGone } from './filterGone.ts';
import { firstHeadings } from './firstHeadings.ts';
import { goneFromRule } from './goneFromRule.ts';
import { headingAtOdds } from './headingAtOdds.ts';
import { labelColours } from './labelColours.ts';
import { labelsCollide } from './labelsCollide.ts';
import { lyingOver } from './lyingOver.ts';
import { nameTaken } from './nameTaken.ts';
import { nothingToShow } from './nothingToShow.ts';
import { onlyOnHover } from './onlyOnHover.ts';
import { pageAddress } from './pageAddress.ts';
import { partAlone } from './partAlone.ts';
import { partsCollide } from './partsCollide.ts';
import { rowsLeftShort } from './rowsLeftShort.ts';
import { roundTooLong } from './roundTooLong.ts';
import { pictureTooSmall } from './pictureTooSmall.ts';
import { ruleNeverMatches } from './ruleNeverMatches.ts';
import { sameProductTwice } from './sameProductTwice.ts';
import { leadsNowhere } from './leadsNowhere.ts';
import { shelfGone } from './shelfGone.ts';
import { tabsAlike } from './tabsAlike.ts';
import { tabsMany } from './tabsMany.ts';
import { tabsUneven } from './tabsUneven.ts';
import { targetTooSmall } from './targetTooSmall.ts';
import { textHardToRead } from './textHardToRead.ts';
import { textClipped } from './textClipped.ts';
import { textOverPicture } from './textOverPicture.ts';
import { timesAtOdds } from './timesAtOdds.ts';
import { topUpReturns } from './topUpReturns.ts';
import { widthsGone } from './widthsGone.ts';

/** Every check; to add one, write its file and list it here. */
export const checks: readonly Check[] = [
  shelfGone,
  leadsNowhere,
  nameTaken,
  assortmentGone,
  topUpReturns,
  widthsGone,
  pageAddress,
  arrangedGone,
  filterGone,
  ruleNeverMatches,
  nothingToShow,
  rowsLeftShort,
  sameProductTwice,
  tabsAlike,
  tabsMany,
  tabsUneven,
  timesAtOdds,
  cannotMove,
  roundTooLong,
  endAboveFoot,
  textOverPicture,
  textHardToRead,
  targetTooSmall,
  textClipped,
  buttonTextClipped,
  onlyOnHover,
  partsCollide,
  labelsCollide,
  lyingOver,
  labelColours,
  cropLoses,
  pictureTooSmall,
  partAlone,
  fieldMissing,
  headingAtOdds,
  goneFromRule,
  firstHeadings,
];

const told = ({ id, severity }: Check, found: readonly Found[]): Finding[] =>
  found.map((one) => ({ ...one, check: id, severity }));

const bySeverity = (a: Finding, b: Finding) =>
  SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity);

const allRead: Unread = new Set();

/** Says of what is reckoned from how an element is drawn that own rules, which no check knows of, may draw it otherwise. */
const saysOfRules = (plan: Plan) => {
  const ofHouse = rulesInUse(plan.house.rules);
  return (found: Found): Found => {
    const { element, at, text } = found;
    if (element === undefined) return found;
    const ofShelf = at.on === 'shelf' ? plan.shelves[at.shelf]?.rules : undefined;
    const isNamed = [ofHouse, ofShelf ? rulesInUse(ofShelf) : ''].some(
      (rules) => rules !== '' && (elementsNamed(rules)?.has(element) ?? true),
    );
    return isNamed ? { ...found, text: `${text}. Own rules may change this` } : found;
  };
};

/** What is found in a plan wherever it is looked at: about the store, the house, or what a page or a bay names. */
export const findingsIn = (plan: Plan, names: Names, unread = allRead): Finding[] =>
  checks
    .flatMap((check) => (check.reads === 'plan' ? told(check, check.find(plan, names, unread)) : []))
    .sort(bySeverity);

/**
 * What is found on a page, its header and its footer, with what is about the whole store; the weightiest first, from the top down.
 * @param cells of the pictures of `filesUnderText`, as far as they are known
 */
export function findingsOn(
  view: PageView,
  plan: Plan,
  names: Names,
  unread = allRead,
  cells: CellsOf = noCells,
): Finding[] {
  const place = new Map(allBays(view).map((bay, i) => [bay.id, i]));
  const views = [view, view.head, view.foot].flatMap((one) => (one ? edgeView(view, one.pageId) : []));
  const at = ({ at: where }: Finding) => ('bay' in where ? (place.get(where.bay) ?? -1) : -1);
  const said = new Set<string>();
  // What the house sets is found of the page and of its header alike.
  const isNew = ({ check, at: where, text }: Finding) => {
    const key = JSON.stringify([check, where, text]);
    return !said.has(key) && Boolean(said.add(key));
  };
  const ofPage = views.flatMap((one) =>
    checks.flatMap((check) =>
      check.reads === 'page' ? told(check, check.find(one, plan, names, cells).map(saysOfRules(plan))) : [],
    ),
  );
  const here = new Set(views.map(({ pageId }) => pageId));
  const ofPlan = findingsIn(plan, names, unread).filter(
    ({ at: where }) => !('page' in where) || here.has(where.page),
  );
  return [...ofPlan, ...ofPage].filter(isNew).sort((a, b) => bySeverity(a, b) || at(a) - at(b));
}
